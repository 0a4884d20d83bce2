package venue.core.edit;

import java.util.List;
import java.util.Locale;
import venue.core.edition.Edition;
import venue.core.edition.SectionPlace;
import venue.core.edition.SectionPlace.Reach;
import venue.core.fault.Refusal;
import venue.core.page.Page;
import venue.core.template.Template;
import venue.core.text.Words;

/**
 * Changes how far a section reaches: on this page alone, shared between pages, fixed in the page's template, or on every
 * page of the site.
 *
 * @param section its id as the page's screen knows it
 */
public record ReachSection(String page, String section, Reach to) implements ShapesSite {

    /** What would happen, told before it is done. */
    public record Effect(Reach to, String says) {}

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

    /** What each other reach would mean for the section. */
    public static List<Effect> effects(Edition edition, Page page, String section) {
        SectionPlace from = SectionPlace.require(edition, page, section);
        return java.util.Arrays.stream(Reach.values())
                .filter(r -> r != from.reach())
                .map(r -> new Effect(r, says(edition, page, from, r)))
                .toList();
    }

    private static String says(Edition edition, Page page, SectionPlace from, Reach to) {
        Template template = edition.worn(page).template();
        long others = from.pages(edition, page) - 1;
        return switch (to) {
            case HERE ->
                from.reach() == Reach.SHARED
                        ? "This page gets a copy of its own; " + told(others, "keeps", "keep") + " sharing it."
                        : "This page keeps it as its own; it leaves " + Words.count(others, "other page") + ".";
            case SHARED ->
                switch (from.reach()) {
                    case TEMPLATE ->
                        "All " + Words.count(others + 1, "page")
                                + " keep it as a shared section, which each can move or" + " take off.";
                    case EVERYWHERE ->
                        "It stays shared and stands on this page; it leaves " + Words.count(others, "other page") + ".";
                    default -> "It can be placed on other pages too; changed once, it changes on all of them.";
                };
            case TEMPLATE ->
                "It shows at once on all " + Words.count(edition.wearing(template), "page") + " wearing "
                        + template.name() + ", before their own sections.";
            case EVERYWHERE ->
                "It shows at once above the footer of all "
                        + Words.count(edition.all(Page.class).count(), "page").toLowerCase(Locale.ROOT) + ".";
        };
    }

    private static String told(long n, String one, String many) {
        return n == 0 ? "no other page has been" : Words.count(n, "other page") + " " + (n == 1 ? one : many);
    }
}
