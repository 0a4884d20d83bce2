package venue.core.edition.edition;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kotlinx.collections.immutable.ExtensionsKt;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.Sectioned;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/** Which files are used, by anything that shows them, leads to them or keeps them for later. Immutable; carried on by what changes. */
public final class Files {

    /** The files that an item names, and the folders of which it shows all. */
    public record Named(Set<String> files, Set<String> folders) {
        private static final Named NOTHING = new Named(Set.of(), Set.of());
    }

    private final NamedBy files;
    private final NamedBy folders;

    private Files(NamedBy files, NamedBy folders) {
        this.files = files;
        this.folders = folders;
    }

    /** Those of an edition. */
    public static Files in(Edition edition) {
        return edition.derived.files();
    }

    static Files of(Edition edition) {
        NamedBy none = new NamedBy(ExtensionsKt.persistentHashMapOf());
        List<ItemChange> all =
                edition.items().stream().map(item -> new ItemChange(null, item)).toList();
        return new Files(none, none).after(all, edition, edition);
    }

    Files after(Collection<ItemChange> turns, Edition before, Edition after) {
        NamedBy filesNow = files;
        NamedBy foldersNow = folders;
        for (ItemChange turn : turns) {
            Item item = turn.before() == null ? turn.after() : turn.before();
            if (item != null) {
                Named was = named(before, turn.before());
                Named is = named(after, turn.after());
                filesNow = filesNow.after(item.id(), was.files(), is.files());
                foldersNow = foldersNow.after(item.id(), was.folders(), is.folders());
            }
        }
        return new Files(filesNow, foldersNow);
    }

    public boolean isUsed(Media media) {
        return files.by().containsKey(media.id())
                || folders.by().keySet().stream().anyMatch(media::liesIn);
    }

    /** What an item names in an edition; nothing where it is not there. */
    public static Named named(Edition edition, String id) {
        return named(edition, edition.find(id).orElse(null));
    }

    private static Named named(Edition edition, @Nullable Item item) {
        if (item == null) {
            return Named.NOTHING;
        }
        List<PageFacts> facts = facts(edition, item).toList();
        Set<String> files = Stream.concat(
                        facts.stream().flatMap(f -> f.shows().media().stream()),
                        Stream.concat(
                                facts.stream()
                                        .flatMap(f -> f.leads().elsewhere().stream())
                                        .flatMap(l -> l.mediaId().stream()),
                                led(edition, item)))
                .collect(Collectors.toUnmodifiableSet());
        Set<String> folders =
                facts.stream().flatMap(f -> f.shows().folders().stream()).collect(Collectors.toUnmodifiableSet());
        return files.isEmpty() && folders.isEmpty() ? Named.NOTHING : new Named(files, folders);
    }

    private static Stream<String> led(Edition edition, Item item) {
        Stream<String> byLines = edition.find(Menu.class, item.id()).stream()
                .flatMap(Menu::all)
                .flatMap(l -> Stream.ofNullable(l.link()))
                .flatMap(l -> l.mediaId().stream());
        Stream<String> byRedirect = edition.find(Redirect.class, item.id()).stream()
                .flatMap(r -> r.leads().stream())
                .flatMap(l -> l.mediaId().stream());
        return Stream.concat(byLines, byRedirect);
    }

    /** What an item says anywhere, what lies aside among it. */
    public static Stream<PageFacts> facts(Edition edition, Item item) {
        Stream<PageFacts> own =
                item instanceof Sectioned sectioned ? Stream.of(edition.facts(sectioned)) : Stream.empty();
        return Stream.concat(own, besides(edition, item));
    }

    private static Stream<PageFacts> besides(Edition edition, Item item) {
        String id = item.id();
        return Stream.of(
                        edition.page(id).stream().flatMap(p -> ofPage(edition, p)),
                        edition.find(Entry.class, id).stream().map(edition::factsOfFields),
                        edition.find(Look.class, id).stream()
                                .map(l -> PageFacts.of(List.of(), ThemeSettings.all(), l.settings())),
                        edition.find(Site.class, id).stream()
                                .map(s -> PageFacts.of(List.of(), SiteFacts.all(), s.facts())))
                .flatMap(f -> f);
    }

    /** Its shelf and settings, and the fields that are off its form, which come back with it. */
    private static Stream<PageFacts> ofPage(Edition edition, Page page) {
        PageFacts aside = PageFacts.of(page.shelf(), Differing.NAMING, page.settings());
        return Stream.concat(
                Stream.of(aside),
                edition.find(Kind.class, page.kind()).stream()
                        .map(k -> PageFacts.of(List.of(), k.putAway(), page.fields())));
    }
}
