package venue.core.body.trace;

import java.time.Instant;

/**
 * What a visitor said on a page, as others read it there.
 *
 * @param page the id of the page
 * @param to the id of the comment that it answers; empty for none
 * @param who the name under which it stands; empty where none was given
 * @param words as they were typed: plain text
 */
public record Comment(String id, String page, String to, String who, Instant at, boolean edited, String words) {}
