package venue.server.letter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SubscriberId;
import venue.core.carry.table.Csv;
import venue.server.here.Here;
import venue.store.letter.Subscriber;
import venue.store.letter.Subscriber.Stands;
import venue.store.letter.Subscribers;
import venue.store.people.Email;

/** Those on a list: some at a time, and as a table in and out. */
@RestController
@RequestMapping("/api/sites/{site}/subscribers")
class SubscribersController {

    private static final int MOST_ROWS = 100;
    private static final int MOST_READ = 50_000;
    private static final int LONGEST = 500;
    private static final int SHOWN = 500;
    private static final List<String> HEAD = List.of("E-mail", "Name", "Stands", "Asked", "Since", "Ended", "Agreed");

    private final Subscribers subscribers;

    SubscribersController(Subscribers subscribers) {
        this.subscribers = subscribers;
    }

    private static void require(Here here) {
        here.requireManager("work with letters and who gets them");
    }

    /** Somebody on a list. */
    record SubscriberRow(
            SubscriberId id,
            String email,
            String name,
            Stands stands,
            String asked,
            @Nullable String since,
            @Nullable String ended,
            String proof,
            String said) {

        static SubscriberRow of(Subscriber s) {
            return new SubscriberRow(
                    s.id(), s.email(), s.name(), s.stands(), s.asked(), s.since(), s.ended(), s.proof(), s.said());
        }
    }

    /** @param found how many there are of those that are asked for */
    record SubscribersTold(List<SubscriberRow> rows, int found) {}

    /** @param after how many of those that are asked for are known already */
    @GetMapping("/{list}")
    SubscribersTold of(
            Here here,
            @PathVariable String list,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(required = false) @Nullable Stands stands,
            @RequestParam(defaultValue = "0") int after) {
        require(here);
        Subscribers.Which which = new Subscribers.Which(list, stands, q);
        return new SubscribersTold(
                subscribers.list(here.site(), which, Math.max(0, after), MOST_ROWS).stream()
                        .map(SubscriberRow::of)
                        .toList(),
                subscribers.count(here.site(), which));
    }

    /** All of a list, with how and when they agreed (CSV, RFC 4180). */
    @GetMapping("/{list}/table")
    ResponseEntity<String> table(Here here, @PathVariable String list) {
        require(here);
        List<List<String>> rows = new ArrayList<>();
        rows.add(HEAD);
        subscribers
                .list(here.site(), new Subscribers.Which(list, null, ""), 0, Subscribers.MOST)
                .forEach(s -> rows.add(List.of(
                        s.email(),
                        s.name(),
                        s.stands().words(),
                        s.asked(),
                        Optional.ofNullable(s.since()).orElse(""),
                        Optional.ofNullable(s.ended()).orElse(""),
                        s.proof())));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8;header=present"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"subscribers.csv\"")
                .body(Csv.write(rows));
    }

    /**
     * A table as it was written or pasted.
     *
     * @param agreed how those agreed whose row doesn't say so
     * @param take whether it is done; else it is only told what would be
     */
    record SubscribersGiven(String text, String agreed, boolean take) {}

    /** @param why why a row does nothing, with the way out; or empty */
    record SubscriberRead(int number, String email, boolean fresh, boolean refused, String why) {}

    /**
     * What a table would do, or has done.
     *
     * @param rows the first of them, those that are refused before all others
     */
    record SubscribersRead(int fresh, int known, int refused, List<SubscriberRead> rows) {}

    /** Brings in those who agreed elsewhere. Who left stays away: only they can come back. */
    @PostMapping("/{list}/read")
    SubscribersRead read(Here here, @PathVariable String list, @RequestBody SubscribersGiven given) {
        require(here);
        List<List<String>> cells = Csv.read(given.text(), MOST_READ);
        Map<String, Integer> columns = columns(cells.get(0));
        List<SubscriberRead> rows = new ArrayList<>();
        List<Subscribers.Brought> brought = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 1; i < cells.size(); i++) {
            rows.add(row(here, list, i, new Cells(columns, cells.get(i)), given.agreed(), seen, brought));
        }
        if (given.take()) {
            subscribers.bring(here.by(), here.site(), list, brought);
        }
        rows.sort(Comparator.comparing((SubscriberRead r) -> !r.refused()).thenComparing(SubscriberRead::fresh));
        int refused = (int) rows.stream().filter(SubscriberRead::refused).count();
        return new SubscribersRead(
                brought.size(),
                rows.size() - refused - brought.size(),
                refused,
                rows.stream().limit(SHOWN).toList());
    }

    private static Map<String, Integer> columns(List<String> head) {
        Map<String, Integer> columns = new TreeMap<>();
        for (int i = 0; i < head.size(); i++) {
            columns.put(head.get(i).strip().toLowerCase(Locale.ROOT), i);
        }
        if (!columns.containsKey("e-mail")) {
            throw Refusal.badInput(
                    "no-column",
                    "text",
                    "The column E-mail is missing.",
                    "The first row names the columns: E-mail, Name, Agreed.");
        }
        return columns;
    }

    /** A row by the names of its columns. */
    private record Cells(Map<String, Integer> columns, List<String> cells) {

        String said(String column) {
            Integer at = columns.get(column);
            String said = at == null || at >= cells.size() ? "" : cells.get(at).strip();
            if (said.length() > LONGEST) {
                throw Refusal.badInput("too-long", column, "This is too long.", LONGEST + " characters fit in a cell.");
            }
            return said;
        }
    }

    private SubscriberRead row(
            Here here,
            String list,
            int number,
            Cells cells,
            String agreed,
            Set<String> seen,
            List<Subscribers.Brought> brought) {
        String typed = "";
        try {
            typed = cells.said("e-mail");
            String email = Email.check(typed, "e-mail");
            if (!seen.add(email)) {
                return new SubscriberRead(number, email, false, false, "An earlier row has this address.");
            }
            Optional<Subscriber> known = subscribers.byEmail(here.site(), list, email);
            if (known.isPresent()) {
                String why = known.get().ended() == null
                        ? "Stands on this list already."
                        : "Left this list, or refused: only they can come back, by the form.";
                return new SubscriberRead(number, email, false, false, why);
            }
            String how = cells.said("agreed").isEmpty() ? agreed.strip() : cells.said("agreed");
            if (how.isEmpty()) {
                throw Refusal.badInput(
                        "no-proof",
                        "agreed",
                        "It isn’t said how they agreed to get letters.",
                        "Say it for all, or in a column Agreed.");
            }
            brought.add(new Subscribers.Brought(email, cells.said("name"), "Brought in: " + how));
            return new SubscriberRead(number, email, true, false, "");
        } catch (Refusal refusal) {
            return new SubscriberRead(number, typed, false, true, refusal.getMessage() + " " + refusal.fix());
        }
    }

    /** Which are taken away. */
    record SubscribersChosen(List<SubscriberId> ids) {}

    /** Takes some away for good, and what is known of them. */
    @PostMapping("/{list}/remove")
    SubscribersTold remove(Here here, @PathVariable String list, @RequestBody SubscribersChosen chosen) {
        require(here);
        subscribers.remove(here.by(), here.site(), chosen.ids());
        return of(here, list, "", null, 0);
    }
}
