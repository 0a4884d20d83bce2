package venue.server.mail;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A letter.
 *
 * @param paragraphs what it says, in plain words
 * @param link where it leads to, on a line of its own; null for nowhere
 * @param calendar what it is about, as calendars take it (iCalendar, RFC 5545), beside it; null for nothing
 */
record Letter(
        String subject,
        List<String> paragraphs,
        @Nullable String link,
        @Nullable String calendar) {

    Letter(String subject, List<String> paragraphs, @Nullable String link) {
        this(subject, paragraphs, link, null);
    }

    String plain() {
        String words = String.join("\n\n", paragraphs);
        return link == null ? words + "\n" : words + "\n\n" + link + "\n";
    }
}
