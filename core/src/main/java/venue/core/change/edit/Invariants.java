package venue.core.change.edit;

import java.util.HashSet;
import java.util.Set;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.change.fitting.ZoneTakes;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Homes;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.theme.Look;

/** What holds in every working copy, whichever way a change came about. */
final class Invariants {

    private Invariants() {}

    static void check(Edition before, Edition after, Change change) {
        Set<String> parents = new HashSet<>();
        for (Item item : change.put()) {
            after.page(item.id()).ifPresent(page -> {
                standsSomewhere(after, page);
                ZoneTakes.check(before, after, page);
                parents.add(page.parent() == null ? "" : page.parent());
            });
            after.find(Kind.class, item.id()).ifPresent(kind -> keepsItsPages(before, kind));
        }
        parents.forEach(p -> segmentsDiffer(after, p));
        if (!change.removed().isEmpty()) {
            nothingHangs(after, Set.copyOf(change.removed()));
        }
        after.find(Site.class, Site.ID).ifPresent(site -> siteHolds(after, site));
    }

    private static void standsSomewhere(Edition after, Page page) {
        if (page.parent() != null && after.page(page.parent()).isEmpty()) {
            throw Refusal.conflict(
                    "parent-gone",
                    "parent",
                    "The page above “" + page.title() + "” is not there any more.",
                    "Bring it back first, or move “" + page.title() + "” elsewhere.");
        }
        Set<String> seen = new HashSet<>();
        for (Page at = page; at.parent() != null; at = after.require(Page.class, at.parent())) {
            if (!seen.add(at.id())) {
                throw Refusal.conflict(
                        "beneath-itself",
                        "parent",
                        "“" + page.title() + "” would stand beneath itself.",
                        "Move it to the top first.");
            }
        }
    }

    /** A kind that is in use goes on having pages, or none. */
    private static void keepsItsPages(Edition before, Kind kind) {
        boolean turned = before.find(Kind.class, kind.id())
                .filter(was -> was.isPageless() != kind.isPageless())
                .isPresent();
        int pages = before.plan().ofKind(kind.id()).size();
        int entries = before.entries(kind.id()).size();
        if (turned && pages + entries > 0) {
            throw Refusal.conflict(
                    "kind-in-use",
                    "pageless",
                    kind.name() + " has " + held(pages, entries) + ": it stays as it is.",
                    "Make another kind for what is to be kept the other way.");
        }
    }

    private static String held(int pages, int entries) {
        return pages > 0 ? Words.count(pages, "page") : Words.count(entries, "entry", "entries");
    }

    private static void segmentsDiffer(Edition after, String parent) {
        Set<String> seen = new HashSet<>();
        for (String id : after.plan().beneath(parent.isEmpty() ? null : parent)) {
            Page page = after.require(Page.class, id);
            if (!seen.add(page.segment())) {
                throw Refusal.conflict(
                        "segment-taken",
                        "segment",
                        "Two pages would have the address " + after.plan().address(id) + ".",
                        "Give one of them another address first.");
            }
        }
    }

    private static void nothingHangs(Edition after, Set<String> removed) {
        removed.stream()
                .filter(id -> !after.inbound().sharing(id).isEmpty())
                .findFirst()
                .ifPresent(id -> {
                    throw Refusal.conflict(
                            "shared-in-use",
                            "section",
                            "The shared section still stands on "
                                    + Words.count(after.inbound().sharing(id).size(), "page") + ".",
                            "Take it off there first.");
                });
        after.all(Page.class)
                .filter(p -> p.parent() != null && removed.contains(p.parent()))
                .findFirst()
                .ifPresent(p -> {
                    throw Refusal.conflict(
                            "has-pages-beneath",
                            "page",
                            "“" + p.title() + "” stands beneath what would be removed.",
                            "Move it elsewhere first.");
                });
    }

    private static void siteHolds(Edition after, Site site) {
        after.require(Look.class, site.look());
        site.foot().forEach(id -> after.require(SharedSection.class, id));
        if (site.home() != null) {
            Page home = after.page(site.home())
                    .orElseThrow(() -> Refusal.conflict(
                            "home-stays",
                            "page",
                            "The home page would be removed.",
                            "Make another page the home page first."));
            Homes.requireShown(after, home);
            Homes.requireOpen(home);
        }
    }
}
