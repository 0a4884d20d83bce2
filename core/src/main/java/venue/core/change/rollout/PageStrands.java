package venue.core.change.rollout;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.change.rollout.Strand.State;
import venue.core.edition.merge.TreeMerge;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.section.Origin;
import venue.core.model.section.Original;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

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
        Template template = rollOut.edition().worn(page).template();
        if (rollOut.origin().equals(template)) {
            Set<String> has = copies().map(Origin::section).collect(Collectors.toSet());
            Set<String> known = known();
            template.zones().forEach(z -> coming(z, has, known, strands));
        }
        return strands;
    }

    /** What the page took of the template or was offered, by its own memory, else by that of its copies. */
    private Set<String> known() {
        Optional<Item> took = Optional.ofNullable(page.taken())
                .flatMap(rollOut.archive()::find)
                .filter(then -> then.id().equals(rollOut.origin().id()));
        Stream<Item> then = took.isPresent()
                ? took.stream()
                : copies().map(Origin::taken).distinct().flatMap(hash -> rollOut.archive().find(hash).stream());
        return then.flatMap(PageStrands::starters).map(Section::id).collect(Collectors.toSet());
    }

    private Stream<Origin> copies() {
        return Stream.concat(page.zones().all(), page.shelf().stream())
                .filter(this::isCopy)
                .flatMap(s -> Stream.ofNullable(s.origin()));
    }

    private boolean isCopy(Section section) {
        Origin from = section.origin();
        return from != null && from.item().equals(rollOut.origin().id());
    }

    private Strand copy(String zone, Section ours) {
        Origin from = Objects.requireNonNull(ours.origin());
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
            State state = !rollOut.origin().leads() ? State.DONE : untouched ? State.GOES : State.ASKS;
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
        return new Strand(from.section(), ours.id(), new Strand.Spot(zone, -1), state, ours, then, conflicts);
    }

    private static Stream<Section> starters(Item item) {
        return item instanceof Original original ? original.starters().stream() : Stream.empty();
    }

    private static Optional<Section> section(Item item, String id) {
        return starters(item).filter(s -> s.id().equals(id)).findFirst();
    }

    /** Starter sections that the page has no copy of: they come, unless it had them or was offered them. */
    private void coming(Zone zone, Set<String> has, Set<String> known, List<Strand> strands) {
        for (Section starter : zone.starters()) {
            if (!has.contains(starter.id())) {
                State state = alone ? State.LEFT : known.contains(starter.id()) ? State.WITHOUT : State.COMES;
                strands.add(new Strand(
                        starter.id(),
                        Strand.NEW + starter.id(),
                        new Strand.Spot(zone.key(), indexFor(zone, starter)),
                        state,
                        null,
                        starter,
                        List.of()));
            }
        }
    }

    /** After the nearest section before it that the page has a copy of, else before the nearest after it, else as the template has it. */
    private int indexFor(Zone zone, Section starter) {
        List<String> order = zone.starters().stream().map(Section::id).toList();
        int at = order.indexOf(starter.id());
        for (int i = at - 1; i >= 0; i--) {
            OptionalInt neighbour = copyOf(zone, order.get(i));
            if (neighbour.isPresent()) {
                return neighbour.getAsInt() + 1;
            }
        }
        return IntStream.range(at + 1, order.size())
                .mapToObj(i -> copyOf(zone, order.get(i)))
                .filter(OptionalInt::isPresent)
                .mapToInt(OptionalInt::getAsInt)
                .findFirst()
                .orElse(
                        at == 0 && order.size() > 1
                                ? 0
                                : page.zones().in(zone.key()).size());
    }

    private OptionalInt copyOf(Zone zone, String starter) {
        List<Section> there = page.zones().in(zone.key());
        return IntStream.range(0, there.size())
                .filter(i -> isCopy(there.get(i)))
                .filter(i ->
                        Objects.requireNonNull(there.get(i).origin()).section().equals(starter))
                .findFirst();
    }
}
