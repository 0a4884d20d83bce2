package venue.server.mail;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A letter.
 *
 * @param paragraphs what it says, in plain words
 * @param link where it leads to, on a line of its own; null for nowhere
 */
record Letter(
        String subject, List<String> paragraphs, @Nullable String link) {

    String plain() {
        String words = String.join("\n\n", paragraphs);
        return link == null ? words + "\n" : words + "\n\n" + link + "\n";
    }
}
