package venue.core.change.edit.section;

import java.util.List;
import java.util.Locale;
import venue.core.basics.text.Words;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.SectionPlace;
import venue.core.edition.edition.SectionPlace.Reach;
import venue.core.model.page.Page;
import venue.core.model.template.Template;
import venue.core.sort.ReachedPages;

/** What another reach would mean for a section, told before it is given to it. */
public record ReachEffect(Reach to, String says) {

    /** What each other reach would mean for the section. */
    public static List<ReachEffect> of(Edition edition, Page page, String section) {
        SectionPlace from = SectionPlace.require(edition, page, section);
        return java.util.Arrays.stream(Reach.values())
                .filter(r -> r != from.reach())
                .map(r -> new ReachEffect(r, says(edition, page, from, r)))
                .toList();
    }

    private static String says(Edition edition, Page page, SectionPlace from, Reach to) {
        Template template = edition.worn(page).template();
        long others = ReachedPages.of(edition, from.written()).count() - 1;
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
                "It shows at once on all "
                        + Words.count(ReachedPages.of(edition, template).count(), "page") + " wearing "
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
