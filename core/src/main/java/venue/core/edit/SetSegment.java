package venue.core.edit;

import venue.core.page.Page;
import venue.core.page.Segment;

/** Changes the last part of a page's address. The old one redirects from the release on. */
public record SetSegment(String page, String segment) implements Command {

    @Override
    public Change on(Desk desk) {
        Page before = desk.edition().require(Page.class, page);
        Segment.check(segment);
        Segments.requireFree(desk.edition(), before.parent(), segment, page);
        return Change.of("address of " + before.title(), before.withSegment(segment));
    }
}
