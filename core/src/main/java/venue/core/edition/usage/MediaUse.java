package venue.core.edition.usage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Files;
import venue.core.edition.edition.PageFacts;
import venue.core.model.entry.Entry;
import venue.core.model.media.Media;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;
import venue.core.model.template.Template;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/** Where the files of a site are used: by the site itself, in pages and on their shelves, in templates, patterns and shared sections. */
public final class MediaUse {

    private MediaUse() {}

    /** The items that show the file or lead to it. */
    public static List<Item> of(Edition edition, String media) {
        return all(edition).getOrDefault(media, List.of());
    }

    /** What may use a file, in the order in which it is told. */
    private static final List<Class<? extends Item>> USERS = List.of(
            Page.class,
            SharedSection.class,
            Template.class,
            Pattern.class,
            Entry.class,
            Look.class,
            Site.class,
            Menu.class,
            Redirect.class);

    /** For each file that is used, by id, the items that use it. */
    public static Map<String, List<Item>> all(Edition edition) {
        Map<String, List<Item>> all = new HashMap<>();
        USERS.stream().flatMap(edition::all).forEach(user -> {
            Files.Named named = Files.named(edition, user.id());
            Stream.concat(
                            named.files().stream()
                                    .filter(id -> edition.find(Media.class, id).isPresent()),
                            named.folders().stream().flatMap(f -> lyingIn(edition, f)))
                    .distinct()
                    .forEach(id ->
                            all.computeIfAbsent(id, k -> new ArrayList<>()).add(user));
        });
        return all;
    }

    private static Stream<String> lyingIn(Edition edition, String folder) {
        return edition.all(Media.class).filter(m -> m.liesIn(folder)).map(Media::id);
    }

    /** Ids of the files that neither pages nor the sections that they share use: what uses them may show on any page. */
    static Set<String> apartFromPages(Edition edition) {
        Map<String, List<Item>> all = new HashMap<>();
        around(edition, all);
        Set<String> led = new HashSet<>(all.keySet());
        Stream.concat(
                        edition.all(Menu.class).flatMap(Menu::all).flatMap(l -> Optional.ofNullable(l.link()).stream()),
                        edition.all(Redirect.class).flatMap(r -> r.leads().stream()))
                .forEach(l -> l.mediaId().ifPresent(led::add));
        return led;
    }

    private static void around(Edition edition, Map<String, List<Item>> all) {
        Stream.of(Template.class, Pattern.class)
                .flatMap(edition::all)
                .forEach(i -> note(edition, i, all, edition.facts(i)));
        edition.all(Entry.class).forEach(e -> note(edition, e, all, edition.factsOfFields(e)));
        edition.all(Look.class)
                .forEach(l -> note(edition, l, all, PageFacts.of(List.of(), ThemeSettings.all(), l.settings())));
        Site site = edition.site();
        note(edition, site, all, PageFacts.of(List.of(), SiteFacts.all(), site.facts()));
    }

    /** Ids of the pictures of the looks that single pages have. */
    static Stream<String> ofLooksOfPages(Edition edition) {
        return Differing.pages(edition)
                .flatMap(p -> PageFacts.of(List.of(), ThemeSettings.all(), Differing.of(p)).shows().media().stream());
    }

    /** What the settings of a page name. */
    static PageFacts ofSettings(Page page) {
        return PageFacts.of(List.of(), Differing.NAMING, page.settings());
    }

    private static void note(Edition edition, Item user, Map<String, List<Item>> all, PageFacts... facts) {
        Arrays.stream(facts)
                .flatMap(some -> named(edition, some))
                .distinct()
                .filter(id -> edition.find(Media.class, id).isPresent())
                .forEach(id -> all.computeIfAbsent(id, k -> new ArrayList<>()).add(user));
    }

    /** What is shown, what is led to, and what lies in a folder that is shown. */
    static Stream<String> named(Edition edition, PageFacts facts) {
        return Stream.of(
                        facts.shows().media().stream(),
                        facts.leads().elsewhere().stream().flatMap(l -> l.mediaId().stream()),
                        facts.shows().folders().stream().flatMap(f -> lyingIn(edition, f)))
                .flatMap(s -> s);
    }
}
