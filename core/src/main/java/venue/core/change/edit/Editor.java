package venue.core.change.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.merge.Archive;
import venue.core.edition.merge.TreeMerge;

/**
 * Runs commands and takes steps back. A command made against an older content is merged with what has happened since; only
 * where both changed the same part is it refused, with the other version.
 */
public final class Editor {

    /** One item of a step that is to be taken back; an absent side means the item was not there. */
    public record Reversal(
            String id, @Nullable Item before, @Nullable Item after) {}

    /** A change that was made, and the working copy with it. */
    public record Edited(Change change, Edition after) {}

    private static final int SHOWN = 20;

    private final Archive archive;

    public Editor(Archive archive) {
        this.archive = archive;
    }

    /**
     * The change a command makes now.
     *
     * @param seen the hashes of the contents that the person saw when giving the command, by item
     */
    public Edited run(Desk desk, Command command, Map<String, Hash> seen) {
        Rights.check(desk.role(), command, desk.edition());
        List<Item> bases = bases(desk, seen);
        if (bases.isEmpty()) {
            return checked(desk, command.on(desk));
        }
        Change made = command.on(desk.on(desk.edition().with(bases, List.of())));
        List<Item> put = new ArrayList<>();
        for (Item item : made.put()) {
            Optional<Item> base =
                    bases.stream().filter(b -> b.id().equals(item.id())).findFirst();
            put.add(base.isPresent() ? merged(desk, base.get(), item) : item);
        }
        return checked(desk, new Change(made.name(), put, made.removed()));
    }

    /** The contents that were seen and are not the ones of now. */
    private List<Item> bases(Desk desk, Map<String, Hash> seen) {
        List<Item> bases = new ArrayList<>();
        seen.forEach((id, hash) -> {
            Item now = desk.edition().find(id).orElseThrow(() -> Refusal.unknown("item", id));
            if (!hash.equals(desk.hashOf().apply(id))) {
                bases.add(archive.past(id, hash)
                        .filter(then -> then.getClass() == now.getClass())
                        .orElseThrow(() -> neverSeen(now, hash)));
            }
        });
        return bases;
    }

    /** Taken as "saw nothing", what somebody else has written meanwhile would be overwritten without a word. */
    private static Refusal neverSeen(Item now, Hash hash) {
        return Refusal.badInput(
                "unknown-revision",
                "seen." + now.id(),
                "“" + now.name() + "” never was as “" + hash.first(Math.min(SHOWN, hash.length())) + "” names it.",
                "Load it again, and give the revision that you see.");
    }

    private Item merged(Desk desk, Item base, Item mine) {
        Item now = desk.edition().find(mine.id()).orElseThrow(() -> Refusal.unknown("item", mine.id()));
        TreeMerge.Merged merged = TreeMerge.merge(archive.tree(base), archive.tree(mine), archive.tree(now));
        if (!merged.conflicts().isEmpty()) {
            throw Refusal.conflict(
                            "changed-meanwhile",
                            merged.conflicts().get(0),
                            "Somebody changed the same part of “" + now.name() + "” meanwhile.",
                            "Look at both and keep the one you want.")
                    .with(Map.of("theirs", archive.tree(now), "mine", archive.tree(mine)));
        }
        return archive.item(mine.getClass(), merged.tree());
    }

    /** The change that takes steps back, keeping what others have done since. */
    public Edited reverse(Desk desk, String name, List<Reversal> steps) {
        List<Item> put = new ArrayList<>();
        List<String> removed = new ArrayList<>();
        List<Item> back = new ArrayList<>();
        for (Reversal step : steps) {
            Optional<Item> now = desk.edition().find(step.id());
            if (step.before() == null) {
                requireUntouched(name, now, step.after());
                removed.add(step.id());
            } else if (step.after() == null) {
                now.ifPresentOrElse(put::add, () -> back.add(step.before()));
            } else {
                put.add(reversed(name, now.orElseThrow(() -> changedSince(name)), step.before(), step.after()));
            }
        }
        put.addAll(back);
        Edition had = back.isEmpty() ? desk.edition() : desk.edition().with(back, List.of());
        back.forEach(item -> Rights.whole(desk.role(), had, item));
        return checked(desk, had, new Change(name, put, removed));
    }

    private Item reversed(String name, Item now, Item before, Item after) {
        if (now.equals(after)) {
            return before;
        }
        TreeMerge.Merged merged = TreeMerge.merge(archive.tree(after), archive.tree(before), archive.tree(now));
        if (!merged.conflicts().isEmpty()) {
            throw changedSince(name);
        }
        return archive.item(before.getClass(), merged.tree());
    }

    private static void requireUntouched(String name, Optional<Item> now, @Nullable Item after) {
        if (now.isPresent() && !Objects.equals(now.get(), after)) {
            throw changedSince(name);
        }
    }

    private static Refusal changedSince(String name) {
        return Refusal.conflict(
                "changed-since",
                "step",
                "“" + name + "” can't be undone: the same part was changed since.",
                "Change it by hand, or undo the later change first.");
    }

    /** A change that commands came to, held to what holds in every working copy, and to what this role may do. */
    public Edited held(Desk desk, List<Command> commands, Change change) {
        commands.forEach(c -> Rights.check(desk.role(), c, desk.edition()));
        return checked(desk, change);
    }

    private static Edited checked(Desk desk, Change change) {
        return checked(desk, desk.edition(), change);
    }

    /** @param had the working copy with what comes back: bringing back is no making */
    private static Edited checked(Desk desk, Edition had, Change change) {
        Edition made = desk.edition().with(change.put(), change.removed());
        Change settled = KeptOrders.within(desk.edition(), made, change);
        Edition after = settled == change ? made : desk.edition().with(settled.put(), settled.removed());
        Rights.check(desk.role(), had, after, settled);
        Invariants.check(desk.edition(), after, settled);
        // What a pattern brings along is its maker's, not made by whoever places it.
        Change whole = BroughtForms.within(after, settled);
        return new Edited(whole, whole == settled ? after : desk.edition().with(whole.put(), whole.removed()));
    }
}
