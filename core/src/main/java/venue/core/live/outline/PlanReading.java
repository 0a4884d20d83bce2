package venue.core.live.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Change;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

/** What rows would do to the plan, row by row: each as a whole or not at all, on what those before it would make. */
public final class PlanReading {

    /** The most pages that one table makes. */
    static final int MOST_NEW = 5_000;

    /** What a row would do. */
    public enum Does {
        NEW,
        CHANGED,
        MOVED,
        NOTHING,
        REFUSED
    }

    /**
     * A row as it was read.
     *
     * @param says what would change, in a few words each
     * @param why why it is refused, with the way out; or empty
     */
    public record PlanRowRead(int number, String title, String address, Does does, List<String> says, String why) {}

    /** @param commands what does all of it but the rows that are refused */
    public record Read(List<PlanRowRead> rows, List<Command> commands) {}

    private final Desk desk;
    private final Map<String, String> byAddress = new HashMap<>();
    private final List<Command> commands = new ArrayList<>();
    private final List<PlanRowRead> rows = new ArrayList<>();
    private Edition at;

    private PlanReading(Desk desk) {
        this.desk = desk;
        at = desk.edition();
    }

    public static Read of(Desk desk, List<PlanWish> wishes) {
        PlanReading reading = new PlanReading(desk);
        Map<PlanWish, Page> known = new LinkedHashMap<>();
        List<PlanWish> fresh = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (PlanWish wish : wishes) {
            Optional<Page> page = reading.meant(wish);
            if (page.isEmpty()) {
                fresh.add(wish);
            } else if (seen.add(page.get().id())) {
                known.put(wish, page.get());
                wish.said(Column.ADDRESS)
                        .ifPresent(a -> reading.byAddress.put(a, page.get().id()));
            } else {
                reading.refuse(wish, "An earlier row is about the same page. Leave one of them out.");
            }
        }
        requireCount(fresh.size());
        fresh.stream()
                .sorted(Comparator.comparingLong(w -> w.cell(Column.ADDRESS)
                        .orElse("")
                        .chars()
                        .filter(c -> c == '/')
                        .count()))
                .forEach(reading::make);
        known.forEach(reading::change);
        reading.rows.sort(Comparator.comparingInt(PlanRowRead::number));
        return new Read(List.copyOf(reading.rows), List.copyOf(reading.commands));
    }

    private static void requireCount(int fresh) {
        if (fresh > MOST_NEW) {
            throw Refusal.badInput(
                    "bad-count",
                    "text",
                    "These rows would make " + fresh + " pages; " + MOST_NEW + " can be made at once.",
                    "Split the table.");
        }
    }

    /** The page that a row is about; none where it is to be made. */
    private Optional<Page> meant(PlanWish wish) {
        return wish.said(Column.ID)
                .flatMap(at::page)
                .or(() -> wish.said(Column.ADDRESS).flatMap(a -> PlanPlace.pageAt(at, a)));
    }

    private void make(PlanWish wish) {
        String id = desk.freshId();
        String title = wish.said(Column.TITLE).orElse("");
        try {
            PlanPlace place = PlanPlace.ofNew(at, wish, byAddress);
            take(wish, title, new PlanWords(desk.on(at)).made(wish, id, place), Does.NEW, List.of());
            wish.said(Column.ADDRESS).ifPresent(a -> byAddress.put(a, id));
        } catch (Refusal refusal) {
            refuse(wish, refusal.getMessage() + " " + refusal.fix());
        }
    }

    private void change(PlanWish wish, Page page) {
        try {
            PlanChanges changes = PlanChanges.of(desk.on(at), desk.edition(), wish, page, byAddress);
            Does does = changes.moves() ? Does.MOVED : changes.commands().isEmpty() ? Does.NOTHING : Does.CHANGED;
            take(wish, page.title(), changes.commands(), does, changes.says());
        } catch (Refusal refusal) {
            refuse(wish, refusal.getMessage() + " " + refusal.fix());
        }
    }

    private void take(PlanWish wish, String title, List<Command> given, Does does, List<String> says) {
        Edition after = at;
        for (Command command : given) {
            Change change = command.on(desk.on(after));
            after = after.with(change.put(), change.removed());
        }
        at = after;
        commands.addAll(given);
        rows.add(new PlanRowRead(wish.number(), title, wish.cell(Column.ADDRESS).orElse(""), does, says, ""));
    }

    private void refuse(PlanWish wish, String why) {
        rows.add(new PlanRowRead(
                wish.number(),
                wish.cell(Column.TITLE).orElse(""),
                wish.cell(Column.ADDRESS).orElse(""),
                Does.REFUSED,
                List.of(),
                why));
    }
}
