package venue.server.survey;

import java.time.InstantSource;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.PersonId;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Words;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.edition.edition.Edition;
import venue.core.live.address.AddressTable;
import venue.core.live.address.Trail;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.server.here.Here;
import venue.server.signin.People;
import venue.store.journal.Journal;
import venue.store.search.LastAsked;
import venue.store.workspace.Done;

/** The addresses of a site that lead on: from moves and by hand, why, and when somebody last asked; as CSV, too. */
@RestController
@RequestMapping("/api/sites/{site}/addresses/leading")
class LeadingController {

    private static final int MOST = 200;
    private static final int MOST_COMING = 40;

    private final InstantSource clock;
    private final LastAsked lastAsked;
    private final People people;

    LeadingController(InstantSource clock, LastAsked lastAsked, People people) {
        this.clock = clock;
        this.lastAsked = lastAsked;
        this.people = people;
    }

    /**
     * An address that leads on.
     *
     * @param from with {@code /*} at its end where a whole branch is meant
     * @param to where visitors come to, or what was there
     * @param page id of the page that it leads to, where that is there
     * @param waits whether it leads so from the next release on
     */
    record LeadingAddress(
            String from,
            Trail.Kind leads,
            String to,
            @Nullable String page,
            @Nullable String title,
            boolean waits,
            LeadingWhy why) {}

    /**
     * Why an address leads on.
     *
     * @param release the one that made it, because a page moved; 0 where somebody did, by hand
     * @param who who made it by hand; absent where nobody is known
     * @param at when, ISO 8601
     * @param asked the day on which it was last asked for, ISO 8601; absent where it never was
     * @param idle whether nobody has asked for it in a year
     */
    record LeadingWhy(
            int release,
            @Nullable String who,
            @Nullable String at,
            @Nullable String asked,
            boolean idle) {}

    /**
     * @param found how many there are; at most 200 are told
     * @param moves how many of all were made by moves
     * @param hand how many of all were made by hand
     */
    record LeadingAddresses(int found, int moves, int hand, List<LeadingAddress> rows) {}

    /** @param to where the page will be; absent where it is gone */
    record ComingAddress(String from, @Nullable String to) {}

    /** Those whose words are in an address of theirs or in their page's name. */
    @GetMapping
    LeadingAddresses leading(Here here, @RequestParam(name = "words", defaultValue = "") String words) {
        LeadingPast past = LeadingPast.of(here.workspace(), lastAsked, clock.instant());
        Function<PersonId, String> names = people.names();
        Edition working = here.working();
        int moves = (int)
                working.all(Redirect.class).filter(r -> past.release(r) > 0).count();
        String sought = Letters.folded(words);
        List<LeadingAddress> rows = working.all(Redirect.class)
                .sorted(Comparator.comparing(Redirect::from))
                .map(r -> row(here, r, why(r, past, names)))
                .filter(r -> Letters.folded(r.from() + " " + r.to() + " " + (r.title() == null ? "" : r.title()))
                        .contains(sought))
                .toList();
        int all = (int) working.all(Redirect.class).count();
        return new LeadingAddresses(
                rows.size(), moves, all - moves, rows.stream().limit(MOST).toList());
    }

    /** Those that come about when all that waits goes live, at most 40. */
    @GetMapping("/coming")
    List<ComingAddress> coming(Here here) {
        List<String> all =
                here.now().plan().entries().stream().map(ReleaseEntry::item).toList();
        if (all.isEmpty() || here.now().release() == 0) {
            return List.of();
        }
        ReleasePlan.Prepared prepared = here.now().plan().prepare(all);
        Edition target = prepared.live();
        return prepared.redirects().stream()
                .filter(r -> here.now().live().redirectFrom(r.from()).isEmpty())
                .limit(MOST_COMING)
                .map(r -> new ComingAddress(
                        r.from(),
                        r.pageId().flatMap(target::page).map(target::servedAt).orElse(null)))
                .toList();
    }

    private static LeadingWhy why(Redirect redirect, LeadingPast past, Function<PersonId, String> names) {
        Optional<Journal.Last> made = Optional.ofNullable(past.made(redirect));
        int release = past.release(redirect);
        return new LeadingWhy(
                release,
                made.filter(m -> release == 0).map(m -> names.apply(m.who())).orElse(null),
                made.map(Journal.Last::at).orElse(null),
                Optional.ofNullable(past.lastAsked(redirect))
                        .map(LocalDate::toString)
                        .orElse(null),
                past.isIdle(redirect));
    }

    private static LeadingAddress row(Here here, Redirect redirect, LeadingWhy why) {
        Edition working = here.working();
        List<Trail.Stop> stops =
                Trail.of(working, Visitor.STRANGER, redirect.from()).stops();
        Trail.Stop end = stops.get(stops.size() - 1);
        Page page = end.page();
        return new LeadingAddress(
                redirect.from(),
                end.kind(),
                end.address()
                        + redirect.leads()
                                .map(l -> l.pageId().isPresent() ? l.anchor() : "")
                                .orElse(""),
                page == null ? null : page.id(),
                page == null ? null : page.title(),
                !redirect.equals(here.now().live().redirectFrom(redirect.from()).orElse(null)),
                why);
    }

    /** RFC 4180, UTF-8, with a heading. */
    @GetMapping("/csv")
    ResponseEntity<String> csv(Here here) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8;header=present"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"addresses.csv\"")
                .body(AddressTable.csv(here.working()));
    }

    /** A table of addresses, as it was written or pasted: from, and to. */
    record AddressesGiven(String text) {}

    /** @param why why it is refused, with the way out; or empty */
    record AddressRow(int number, String from, String to, AddressTable.Does does, String why) {}

    /** What a table would do; nothing is done. */
    @PostMapping("/read")
    List<AddressRow> read(Here here, @RequestBody AddressesGiven given) {
        here.requireManager("lead addresses on");
        return rows(here, given).stream()
                .map(r -> new AddressRow(r.number(), r.from(), r.to(), r.does(), r.why()))
                .toList();
    }

    /** Does what a table says, as one step; rows that are refused are left out. */
    @PostMapping("/take")
    Done take(Here here, @RequestBody AddressesGiven given) {
        here.requireManager("lead addresses on");
        List<venue.core.change.edit.Command> commands = rows(here, given).stream()
                .flatMap(r -> Stream.ofNullable(r.command()))
                .toList();
        return here.run(WholeCommand.together(
                "lead " + Words.count(commands.size(), "address", "addresses") + " on", commands));
    }

    private static List<AddressTable.Row> rows(Here here, AddressesGiven given) {
        return AddressTable.read(here.workspace().desk(), given.text() == null ? "" : given.text());
    }
}
