package venue.core.edition.usage;

import java.util.List;
import java.util.stream.Stream;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.SharedSection;
import venue.core.model.template.Template;

/**
 * A place where a picture stands, and how it is cut there.
 *
 * @param item the page, template, pattern or shared section
 * @param where what it is there, in words
 * @param shape the proportion it is cut to, in words; empty where it is shown as it is
 */
public record MediaStand(String item, String itemName, String where, String shape) {

    /** Every place where a picture stands; what a shape is comes from the same declarations that the inputs are drawn from. */
    public static List<MediaStand> of(Edition edition, String media) {
        return Stream.of(Page.class, SharedSection.class, Template.class, Pattern.class)
                .flatMap(edition::all)
                .flatMap(i -> new MediaSearch(edition, media, i).all())
                .toList();
    }
}
