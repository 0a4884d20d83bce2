package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.SectionPlace;
import venue.core.edition.edition.SectionPlace.Reach;
import venue.core.model.page.Page;

/**
 * Changes how far a section reaches: on this page alone, shared between pages, fixed in the page's template, or on every
 * page of the site.
 *
 * @param section its id as the page's screen knows it
 */
@JsonTypeName("reach-section")
record ReachSection(String page, String section, Reach to) implements SectionCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page target = edition.require(Page.class, page);
        SectionPlace from = SectionPlace.require(edition, target, section);
        if (from.reach() == to) {
            throw Refusal.badInput(
                    "reaches-so-far",
                    "to",
                    "“" + from.content().name() + "” is " + words(to) + " already.",
                    "Choose another reach.");
        }
        Resettling resettling = new Resettling(desk, target, from);
        resettling.takeOut();
        switch (to) {
            case HERE -> resettling.here();
            case SHARED -> resettling.shared();
            case TEMPLATE -> resettling.template();
            case EVERYWHERE -> resettling.everywhere();
        }
        return resettling.change("make " + from.content().name() + " " + words(to));
    }

    private static String words(Reach reach) {
        return switch (reach) {
            case HERE -> "this page's own";
            case SHARED -> "shared";
            case TEMPLATE -> "fixed in the template";
            case EVERYWHERE -> "stand on every page";
        };
    }
}
