package venue.core.edit;

import org.jspecify.annotations.Nullable;
import venue.core.fault.Refusal;
import venue.core.media.Media;

/** Says what a picture shows, or that it only decorates. */
public record DescribeMedia(String media, @Nullable String alt, boolean decorative) implements Command {

    private static final int LONGEST = 500;

    @Override
    public Change on(Desk desk) {
        Media target = desk.edition().require(Media.class, media);
        if (alt != null && alt.length() > LONGEST) {
            throw Refusal.badInput(
                    "too-long",
                    "alt",
                    "These words have " + alt.length() + " characters; " + LONGEST + " fit.",
                    "Say in a sentence or two what the picture shows.");
        }
        return Change.of("words for " + target.name(), target.withAlt(alt == null ? null : alt.strip(), decorative));
    }
}
