package venue.core.live.release;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.edition.Worn;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;
import venue.core.model.template.Template;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;
import venue.core.show.render.ValueWords;
import venue.core.sort.ReachedPages;

/** Tells in sentences what differs between two contents of one item. */
final class ChangeTeller {

    /** So many pages are named to be looked at. */
    private static final int FEW = 3;

    private final Edition live;
    private final Edition working;
    private final PageTeller pages;

    ChangeTeller(Edition live, Edition working) {
        this.live = live;
        this.working = working;
        pages = new PageTeller(live, working);
    }

    ReleaseEntry entry(String id, @Nullable Item before, @Nullable Item after) {
        Item shown = after != null ? after : Objects.requireNonNull(before);
        ReleaseEntry.Fate fate = before == null
                ? ReleaseEntry.Fate.NEW
                : after == null ? ReleaseEntry.Fate.GONE : ReleaseEntry.Fate.CHANGED;
        Optional<ReachedPages> reach = Optional.ofNullable(after).map(item -> ReachedPages.of(working, item));
        List<String> says = says(shown, before, after);
        return new ReleaseEntry(
                id,
                ItemSort.of(shown),
                shown.name(),
                fate,
                says,
                List.of(),
                reach.map(ReachedPages::count).orElse(0L),
                reach.map(r -> r.few(FEW)).orElse(List.of()));
    }

    private List<String> says(Item shown, @Nullable Item before, @Nullable Item after) {
        if (shown instanceof Page page) {
            return pages.says(page, (Page) before, (Page) after);
        }
        if (after == null) {
            return List.of("Removed");
        }
        if (shown instanceof Site site) {
            return before == null ? List.of("The site itself") : site((Site) before, site);
        }
        if (shown instanceof Menu menu) {
            return menu(before == null ? menu.withLines(List.of()) : (Menu) before, menu);
        }
        if (shown instanceof Look theme) {
            return theme((Look) before, theme);
        }
        if (shown instanceof Template template) {
            long wearing = Worn.count(working, template);
            return List.of(
                    (before == null ? "New; " : "Changed; ") + Words.count(wearing, "page follows", "pages follow"));
        }
        if (shown instanceof SharedSection shared) {
            String where =
                    "shows on " + Words.count(ReachedPages.of(working, shared).count(), "page");
            return List.of((before == null ? "New; " : "Changed; ") + where);
        }
        if (shown instanceof venue.core.model.entry.Entry entry) {
            String kind = working.find(Kind.class, entry.kind()).map(Kind::name).orElse(entry.kind());
            return List.of((before == null ? "New in " : "Changed in ") + kind);
        }
        if (shown instanceof Kind kind) {
            return kind((Kind) before, kind);
        }
        if (shown instanceof Redirect || shown instanceof Media) {
            return List.of(before == null ? "New" : "Changed");
        }
        return List.of("Changed");
    }

    private List<String> kind(@Nullable Kind before, Kind after) {
        int pages = working.plan().ofKind(after.id()).size();
        if (before == null) {
            return List.of("New");
        }
        if (Objects.equals(before.template(), after.template())) {
            return List.of("Changed; " + Words.count(pages, "page is of it", "pages are of it"));
        }
        long follow = working.plan().ofKind(after.id()).stream()
                .flatMap(id -> working.page(id).stream())
                .filter(p -> p.template() == null)
                .count();
        return List.of("Its usual template is " + name(working, after.template()) + " instead of "
                + name(live, before.template()) + "; " + Words.count(follow, "page follows", "pages follow"));
    }

    private static String name(Edition edition, @Nullable String template) {
        return edition.find(Template.class, template).map(Template::name).orElse("none");
    }

    private List<String> site(Site before, Site after) {
        List<String> says = new ArrayList<>();
        if (!Objects.equals(before.home(), after.home())) {
            says.add("Home page: " + title(working, after.home()) + " instead of " + title(live, before.home()));
        }
        if (!before.look().equals(after.look())) {
            says.add("Wears the look " + working.theme().name());
        }
        if (!before.name().equals(after.name())) {
            says.add("Named " + after.name());
        }
        if (!before.language().equals(after.language())) {
            says.add("Written in " + after.language());
        }
        if (!before.zone().equals(after.zone())) {
            says.add("Time zone " + after.zone());
        }
        if (!before.hosts().equals(after.hosts())) {
            says.add("Host names changed; they hold already");
        }
        if (!before.foot().equals(after.foot())) {
            says.add("Other sections stand on every page");
        }
        for (Property fact : SiteFacts.all()) {
            if (!fact.in(before.facts()).equals(fact.in(after.facts()))) {
                says.add(fact.label() + " changed");
            }
        }
        return says.isEmpty() ? List.of("Changed") : says;
    }

    private static String title(Edition edition, @Nullable String page) {
        return edition.page(page).map(p -> "“" + p.title() + "”").orElse("none");
    }

    private List<String> menu(Menu before, Menu after) {
        List<String> says = new ArrayList<>();
        List<String> was = before.all().map(Line::id).toList();
        List<String> is = after.all().map(Line::id).toList();
        after.all().filter(l -> !was.contains(l.id())).forEach(l -> says.add("Line added: " + l.words(working::page)));
        before.all().filter(l -> !is.contains(l.id())).forEach(l -> says.add("Line taken out: " + l.words(live::page)));
        after.all()
                .forEach(l -> before.all()
                        .filter(b -> b.id().equals(l.id()))
                        .findFirst()
                        .ifPresent(b -> line(b, l, says)));
        if (!before.name().equals(after.name())) {
            says.add(0, "Called “" + after.name() + "”, before: “" + before.name() + "”");
        }
        if (says.isEmpty()) {
            says.add("Lines put in another order");
        }
        return says;
    }

    private void line(Line before, Line after, List<String> says) {
        if (!Objects.equals(before.label(), after.label())) {
            says.add("“" + before.words(live::page) + "” in it is now called “" + after.words(working::page) + "”");
        }
        if (!Objects.equals(before.link(), after.link())) {
            says.add("“" + after.words(working::page) + "” in it leads elsewhere");
        }
        if (before.follows() != after.follows()) {
            says.add("“" + after.words(working::page) + "” in it "
                    + (after.follows() == 0
                            ? "has no pages beneath it by itself any more"
                            : "has the pages of its branch beneath it, " + Words.count(after.follows(), "level")));
        }
    }

    private List<String> theme(@Nullable Look before, Look after) {
        if (before == null) {
            return List.of("A new look, kept");
        }
        List<String> says = new ArrayList<>();
        for (Property setting : ThemeSettings.all()) {
            var was = setting.in(before.settings());
            var is = setting.in(after.settings());
            if (!was.equals(is)) {
                says.add(setting.label() + ": "
                        + is.map(v -> ValueWords.of(setting, v, Locale.UK)).orElse("as built in"));
            }
        }
        if (working.site().look().equals(after.id())) {
            says.add("Shows on every page");
        }
        return says;
    }
}
