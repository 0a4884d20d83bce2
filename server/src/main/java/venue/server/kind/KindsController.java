package venue.server.kind;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.KindShows;
import venue.core.model.kind.Kind;
import venue.core.model.kind.KindSettings;
import venue.core.model.kind.Placement;
import venue.core.model.property.Property;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** All kinds of page side by side. */
@RestController
@RequestMapping("/api/sites/{site}/kinds")
class KindsController {

    /** @param declared the settings that kinds have */
    record KindTable(List<KindLine> lines, List<Property> declared) {}

    /**
     * @param revision the hash of its content, to be sent with commands
     * @param own its pages that say otherwise themselves
     */
    record KindLine(
            String id, Hash revision, Map<String, Value> settings, Placement beneath, KindShows shows, List<Own> own) {}

    /**
     * Pages that say otherwise than their kind.
     *
     * @param first some of them
     */
    record Own(KindShows.Aspect aspect, int pages, List<String> first) {}

    private static final int LOOKED_AT = 12;

    /** Those that have pages and are offered, in the order in which kinds are offered. */
    @GetMapping
    KindTable kinds(Here here) {
        Standing standing = here.now();
        Edition edition = standing.working();
        return new KindTable(
                edition.all(Kind.class)
                        .filter(k -> !k.isPageless() && !k.retired())
                        .sorted(Comparator.comparing(Kind::offeredFirst)
                                .reversed()
                                .thenComparing(Kind::name))
                        .map(k -> new KindLine(
                                k.id(),
                                standing.hashOf(k.id()),
                                k.settings(),
                                k.beneath(),
                                KindShows.of(edition, k),
                                own(edition, k)))
                        .toList(),
                KindSettings.all());
    }

    private static List<Own> own(Edition edition, Kind kind) {
        return KindShows.own(edition, kind).entrySet().stream()
                .map(e -> new Own(
                        e.getKey(),
                        e.getValue().size(),
                        e.getValue().stream().limit(LOOKED_AT).toList()))
                .toList();
    }
}
