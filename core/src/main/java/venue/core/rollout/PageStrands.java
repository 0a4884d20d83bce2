package venue.core.rollout;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.merge.TreeMerge;
import venue.core.page.Page;
import venue.core.page.PageSettings;
import venue.core.rollout.Strand.State;
import venue.core.section.Origin;
import venue.core.section.Section;
import venue.core.section.SharedSection;
import venue.core.section.Zones;
import venue.core.template.Template;
import venue.core.template.Zone;

/** Works out the strands of one page. */
final class PageStrands {

    private final RollOut rollOut;
    private final Page page;
    private final boolean alone;

    PageStrands(RollOut rollOut, Page page) {
        this.rollOut = rollOut;
        this.page = page;
        alone = PageSettings.isLeftAlone(page);
    }

    List<Strand> all() {
        List<Strand> strands = new ArrayList<>();
        page.zones()
                .byKey()
                .forEach((zone, sections) ->
                        sections.stream().filter(this::isCopy).forEach(s -> strands.add(copy(zone, s))));
        if (rollOut.origin() instanceof Template template
                && rollOut.edition().worn(page).template().id().equals(template.id())) {
            template.zones().forEach(z -> coming(z, strands));
        }
        return strands;
    }

    private boolean isCopy(Section section) {
        Origin from = section.origin();
        return from != null && from.item().equals(rollOut.origin().id());
    }

    private Strand copy(String zone, Section ours) {
        Origin from = java.util.Objects.requireNonNull(ours.origin());
        Optional<Section> now = section(rollOut.origin(), from.section());
        Optional<Section> base = rollOut.archive().find(from.taken()).flatMap(i -> section(i, from.section()));
        if (base.isEmpty() || now.isPresent() && base.get().hasContentOf(now.get())) {
            return strand(from, zone, ours, State.DONE, ours, List.of());
        }
        if (alone) {
            return strand(from, zone, ours, State.LEFT, ours, List.of());
        }
        boolean untouched = ours.hasContentOf(base.get());
        if (now.isEmpty()) {
            State state = rollOut.origin() instanceof Template ? untouched ? State.GOES : State.ASKS : State.DONE;
            return strand(from, zone, ours, state, state == State.DONE ? ours : null, List.of());
        }
        if (untouched || ours.hasContentOf(now.get())) {
            State state = untouched ? State.FOLLOWS : State.DONE;
            return strand(from, zone, ours, state, ours.withContentOf(now.get()), List.of());
        }
        return merged(from, zone, ours, base.get(), now.get());
    }

    private Strand merged(Origin from, String zone, Section ours, Section base, Section now) {
        // The origin is given as ours: where both have changed the same part, following takes the origin's.
        TreeMerge.Merged merged = rollOut.since(base, now).with(tree(ours));
        SharedSection made = (SharedSection) rollOut.archive().item(SharedSection.class, merged.tree());
        State state = merged.conflicts().isEmpty() ? State.MERGES : State.ASKS;
        return strand(from, zone, ours, state, ours.withContentOf(made.section()), merged.conflicts());
    }

    private Object tree(Section section) {
        return RollOut.tree(rollOut.archive(), section);
    }

    private static Strand strand(
            Origin from, String zone, Section ours, State state, @Nullable Section then, List<String> conflicts) {
        return new Strand(from.section(), ours.id(), zone, -1, state, ours, then, conflicts);
    }

    private static Optional<Section> section(Object item, String id) {
        return RollOut.starters(item).filter(s -> s.id().equals(id)).findFirst();
    }

    /** Starter sections that the page has no copy of: they come, unless it had one and took it off. */
    private void coming(Zone zone, List<Strand> strands) {
        Set<String> had = new HashSet<>();
        Set<String> has = new HashSet<>();
        boolean[] copies = {false};
        java.util.stream.Stream.concat(page.zones().all(), page.shelf().stream())
                .filter(this::isCopy)
                .forEach(s -> {
                    copies[0] = true;
                    Origin from = java.util.Objects.requireNonNull(s.origin());
                    has.add(from.section());
                    rollOut.archive().find(from.taken()).stream()
                            .flatMap(RollOut::starters)
                            .forEach(t -> had.add(t.id()));
                });
        for (Section starter : zone.starters()) {
            if (copies[0] && !has.contains(starter.id())) {
                State state = had.contains(starter.id()) || alone ? State.LEFT : State.COMES;
                strands.add(new Strand(
                        starter.id(),
                        Strand.NEW + starter.id(),
                        zone.key(),
                        indexFor(zone, starter),
                        state,
                        null,
                        starter,
                        List.of()));
            }
        }
    }

    /** After the nearest section before it that the page still has a copy of; else first. */
    private int indexFor(Zone zone, Section starter) {
        List<Section> before = zone.starters().subList(0, zone.starters().indexOf(starter));
        for (int i = before.size() - 1; i >= 0; i--) {
            String id = before.get(i).id();
            Optional<Zones.Place> neighbour = page.zones().in(zone.key()).stream()
                    .filter(this::isCopy)
                    .filter(s -> s.origin() != null && s.origin().section().equals(id))
                    .findFirst()
                    .flatMap(s -> page.zones().find(s.id()));
            if (neighbour.isPresent()) {
                return neighbour.get().index() + 1;
            }
        }
        return 0;
    }
}
