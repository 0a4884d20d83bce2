package venue.core.change.rollout;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.model.page.Page;
import venue.core.model.section.Origin;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

/** Does to one page what was chosen for each of its strands. */
final class Carrying {

    private final RollOut rollOut;
    private final Page page;
    private Zones zones;
    private final List<Section> shelf;

    Carrying(RollOut rollOut, Page page) {
        this.rollOut = rollOut;
        this.page = page;
        zones = page.zones();
        shelf = new ArrayList<>(page.shelf());
    }

    Page done(List<Strand> strands, Map<String, Decision> choices) {
        for (Strand strand : strands) {
            Decision choice = choices.getOrDefault(strand.key(), strand.usual());
            if (choice != null) {
                one(strand, choice);
            }
        }
        Page done = page.withTemplate(page.template(), zones, shelf);
        boolean offered = strands.stream().anyMatch(s -> s.now() == null && s.state() != Strand.State.LEFT);
        return offered ? done.withTaken(rollOut.hash()) : done;
    }

    private void one(Strand strand, Decision choice) {
        Section now = strand.now();
        if (now == null) {
            if (choice == Decision.FOLLOW && strand.state() != Strand.State.LEFT) {
                come(strand, Objects.requireNonNull(strand.then()));
            }
        } else if (choice == Decision.SHELVE) {
            shelf.add(now.withShelvedFrom(strand.spot().zone()));
            zones = zones.remove(now.id());
        } else if (choice == Decision.KEEP || strand.state() == Strand.State.LEFT) {
            keep(strand, now);
        } else {
            follow(strand, now, strand.then());
        }
    }

    /** An id made from page and origin: the same roll-out, asked twice, gives the same page. */
    private void come(Strand strand, Section starter) {
        String id = Hash.shortOf(page.id() + "/" + rollOut.origin().id() + "/" + starter.id() + "/" + rollOut.hash());
        int after = (int) zones.in(strand.spot().zone()).stream()
                .filter(s -> page.zones().find(s.id()).isEmpty())
                .count();
        zones = zones.insert(
                strand.spot().zone(),
                strand.spot().index() + after,
                starter.withId(id).withOrigin(taken(starter.id())));
    }

    private void follow(Strand strand, Section now, @Nullable Section then) {
        if (then == null) {
            zones = zones.remove(now.id());
        } else {
            zones = zones.change(now.id(), s -> then.withOrigin(taken(strand.origin())));
        }
    }

    /** Remembered by what the copy says it took: the same change is not offered again. Without its origin it is its own. */
    private void keep(Strand strand, Section now) {
        boolean gone = rollOut.starters().noneMatch(s -> s.id().equals(strand.origin()));
        zones = zones.change(now.id(), s -> s.withOrigin(gone ? null : taken(strand.origin())));
    }

    private Origin taken(String section) {
        return new Origin(rollOut.origin().id(), section, rollOut.hash());
    }
}
