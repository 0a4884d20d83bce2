package venue.core.change.edit.media;

import com.fasterxml.jackson.annotation.JsonTypeName;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.model.media.Media;

/**
 * Says what a picture shows, or that it only decorates.
 *
 * @param language in which the words are, as a BCP 47 tag; absent for the site's own
 */
@JsonTypeName("describe-media")
record DescribeMedia(
        String media,
        @Nullable String alt,
        boolean decorative,
        @Nullable String language) implements MediaCommand, ForEditors {

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
        String words = alt == null ? null : alt.strip();
        boolean foreign = language != null
                && !Media.primary(language)
                        .equals(Media.primary(desk.edition().site().language()));
        return Change.of(
                "words for " + target.name(),
                language != null && foreign
                        ? target.withAltIn(checked(language), words == null ? "" : words)
                        : target.withAlt(words, decorative));
    }

    private static String checked(String tag) {
        if (!tag.matches("[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*")) {
            throw Refusal.badInput(
                    "bad-language", "language", "“" + tag + "” is no language tag.", "Give one such as de or fr-CH.");
        }
        return tag;
    }
}
