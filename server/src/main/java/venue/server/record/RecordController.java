package venue.server.record;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.carry.table.Csv;
import venue.core.model.site.Role;
import venue.server.here.Caller;
import venue.server.signin.People;
import venue.store.people.Seats;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.workspace.Workspaces;

/** The record: all of it for owners, what concerns a site for its managers. */
@RestController
@RequestMapping("/api/record")
class RecordController {

    private static final int PAGE = 100;
    private static final int ALL = 100_000;

    private final Records records;
    private final Seats seats;
    private final People people;
    private final Workspaces workspaces;

    RecordController(Records records, Seats seats, People people, Workspaces workspaces) {
        this.records = records;
        this.seats = seats;
        this.people = people;
        this.workspaces = workspaces;
    }

    /**
     * A line of the record, in names.
     *
     * @param about to whom it was done
     */
    record RecordLine(
            long id,
            String at,
            Deed deed,
            @JsonUnwrapped DoneBy by,
            @Nullable String site,
            @Nullable String about,
            @Nullable String detail) {

        /** @param who who did it; absent where nobody is known */
        public record DoneBy(@Nullable String who, @Nullable String origin) {}
    }

    /** The latest first; at most 100, those before the line with this id. */
    @GetMapping
    List<RecordLine> lines(
            Caller caller,
            @RequestParam(required = false) @Nullable SiteId site,
            @RequestParam(required = false) @Nullable PersonId who,
            @RequestParam(required = false) @Nullable Deed deed,
            @RequestParam(required = false) @Nullable Long before) {
        requireMay(caller, site);
        return told(records.find(new Records.Asked(site, who, deed, before, PAGE)));
    }

    /** The same as CSV (RFC 4180), all of it. */
    @GetMapping(value = "/csv", produces = "text/csv")
    ResponseEntity<String> csv(
            Caller caller,
            @RequestParam(required = false) @Nullable SiteId site,
            @RequestParam(required = false) @Nullable PersonId who,
            @RequestParam(required = false) @Nullable Deed deed) {
        requireMay(caller, site);
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("at", "deed", "who", "site", "about", "detail", "from"));
        for (RecordLine line : told(records.find(new Records.Asked(site, who, deed, null, ALL)))) {
            rows.add(Stream.of(
                            line.at(),
                            line.deed(),
                            line.by().who(),
                            line.site(),
                            line.about(),
                            line.detail(),
                            line.by().origin())
                    .map(cell -> Objects.toString(cell, ""))
                    .toList());
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"record.csv\"")
                .body(Csv.write(rows));
    }

    private void requireMay(Caller caller, @Nullable SiteId site) {
        boolean may = caller.person().owner()
                || Optional.ofNullable(site)
                        .flatMap(s -> seats.role(s, caller.person()))
                        .filter(r -> r == Role.MANAGER)
                        .isPresent();
        if (!may) {
            throw Refusal.forbidden(
                    "owners-only",
                    "Owners see the whole record, managers that of their sites.",
                    "Name a site that you manage, or ask an owner.");
        }
    }

    private List<RecordLine> told(List<Records.Line> lines) {
        Function<PersonId, String> names = people.names();
        Map<SiteId, String> sites = new HashMap<>();
        workspaces
                .listed(lines.stream().flatMap(l -> Stream.ofNullable(l.site())).collect(Collectors.toSet()))
                .forEach(s -> sites.put(s.id(), s.name()));
        return lines.stream()
                .map(l -> new RecordLine(
                        l.id(),
                        l.at(),
                        l.deed(),
                        new RecordLine.DoneBy(l.by().who() == null ? null : names.apply(l.by().who()), l.by().origin()),
                        l.site() == null
                                ? null
                                : sites.getOrDefault(l.site(), l.site().text()),
                        l.about() == null ? null : names.apply(l.about()),
                        l.detail()))
                .toList();
    }
}
