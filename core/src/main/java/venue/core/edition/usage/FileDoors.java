package venue.core.edition.usage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.edition.edition.PageFacts;
import venue.core.model.gate.Audience;
import venue.core.model.gate.GateSettings;
import venue.core.model.gate.Visitor;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;

/**
 * Who may have the files of an edition, by where they show: whoever may see one of the places. A file has the addresses that its item names; those of the whole where it is cut, and of what it was before, among them.
 */
public final class FileDoors {

    /**
     * A place where a file shows.
     *
     * @param page the page that it is on; absent for what may stand on any
     */
    private record Place(@Nullable Page page, Audience audience) {}

    private final Edition edition;
    private final Set<String> everywhere;
    private final Map<String, List<Place>> places = new HashMap<>();
    private final Map<String, String> byPath = new HashMap<>();

    private FileDoors(Edition edition) {
        this.edition = edition;
        everywhere = MediaUse.apartFromPages(edition);
        edition.all(Media.class).forEach(m -> m.paths().forEach(path -> byPath.put(path, m.id())));
        edition.all(Page.class).forEach(this::note);
        edition.all(SharedSection.class).forEach(this::note);
    }

    public static FileDoors of(Edition edition) {
        return edition.kept(FileDoors.class, () -> new FileDoors(edition));
    }

    /** Whether a file is one of the edition. */
    public boolean isKnown(String path) {
        return byPath.containsKey(path);
    }

    /** Whether a file shows on closed pages and in closed sections, and nowhere else. */
    public boolean isClosed(String path) {
        return places.containsKey(byPath.getOrDefault(path, "")) && !mayHave(path, Visitor.STRANGER);
    }

    /** Whether somebody may have the file that is served at a path. */
    public boolean mayHave(String path, Visitor visitor) {
        String media = byPath.get(path);
        return media != null
                && (everywhere.contains(media)
                        || places.getOrDefault(media, List.of()).stream().anyMatch(p -> shows(p, visitor)));
    }

    /** Whether a file is of what stands around pages, whichever: of the site, of looks, of templates and patterns. */
    public static boolean isAround(Edition edition, String path) {
        Set<String> paths = edition.kept(Around.class, () -> around(edition));
        return paths.contains(path);
    }

    /** The key of what is kept. */
    private static final class Around {}

    private static Set<String> around(Edition edition) {
        Set<String> paths = new HashSet<>();
        Stream.concat(MediaUse.apartFromPages(edition).stream(), MediaUse.ofLooksOfPages(edition))
                .flatMap(id -> edition.media(id).stream())
                .flatMap(Media::paths)
                .forEach(paths::add);
        return paths;
    }

    private boolean shows(Place place, Visitor visitor) {
        return place.audience().holds(visitor)
                && (place.page() == null || Gates.of(edition).opens(place.page(), visitor));
    }

    private void note(Page page) {
        boolean alike = page.zones().all().allMatch(s -> isForEveryone(s));
        if (alike) {
            note(page, Audience.EVERYONE, edition.facts(page));
        } else {
            note(page, Audience.EVERYONE, edition.factsOfFields(page));
            page.zones().all().forEach(s -> note(page, GateSettings.shownTo(s.settings()), PageFacts.of(List.of(s))));
        }
        note(page, Audience.EVERYONE, MediaUse.ofSettings(page));
    }

    private static boolean isForEveryone(Section section) {
        return GateSettings.shownTo(section.settings()).who() == Audience.Who.EVERYONE;
    }

    /** A section that is shared shows where it stands, and on every page where the site says so. */
    private void note(SharedSection shared) {
        Audience audience = GateSettings.shownTo(shared.section().settings());
        Stream<Optional<Page>> on = edition.site().foot().contains(shared.id())
                ? Stream.of(Optional.empty())
                : edition.inbound().sharing(shared.id()).stream()
                        .flatMap(id -> edition.page(id).stream())
                        .map(Optional::of);
        on.forEach(page -> note(page.orElse(null), audience, edition.facts(shared)));
    }

    private void note(@Nullable Page page, Audience audience, PageFacts facts) {
        MediaUse.named(edition, facts)
                .forEach(media ->
                        places.computeIfAbsent(media, m -> new ArrayList<>(1)).add(new Place(page, audience)));
    }
}
