package venue.server.member;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.carry.table.Csv;
import venue.core.model.gate.Group;
import venue.core.model.site.Membership;
import venue.server.here.Here;
import venue.store.member.Member;
import venue.store.member.MemberFilter;
import venue.store.member.Members;
import venue.store.people.Email;
import venue.store.record.Deed;
import venue.store.record.Records;

/**
 * Members as a table: address, name, groups by name with a {@code |} between, state, then what the site keeps of each. Read, it adds
 * members and changes name, groups and what is kept; it removes nobody.
 */
@Component
class MemberTable {

    private static final int MOST = 10_000;
    private static final List<String> HEAD = List.of("E-mail", "Name", "Groups", "State");
    private static final int LONGEST_NAME = 120;

    private final Members members;
    private final Records records;

    MemberTable(Members members, Records records) {
        this.members = members;
        this.records = records;
    }

    /** What a row would do. */
    enum MemberDoes {
        NEW,
        OTHERWISE,
        NOTHING,
        REFUSED
    }

    /**
     * A row as it was read.
     *
     * @param number from 1, without the heading
     * @param why why it is refused, with the way out; or empty
     */
    record MemberRowRead(int number, String email, MemberDoes does, String why) {}

    String csv(Here here) {
        Membership membership = MembersDoor.require(here);
        List<List<String>> rows = new ArrayList<>();
        List<String> head = new ArrayList<>(HEAD);
        membership.fields().forEach(f -> head.add(f.key()));
        rows.add(head);
        for (Member member :
                members.found(here.site(), MemberFilter.ALL, 0, Members.MOST).rows()) {
            List<String> row = new ArrayList<>(List.of(
                    member.email(),
                    member.name(),
                    groups(here, member.groups()),
                    member.state().name().toLowerCase(Locale.ROOT)));
            membership.fields().forEach(f -> row.add(member.fields().getOrDefault(f.key(), "")));
            rows.add(row);
        }
        return Csv.write(rows);
    }

    private static String groups(Here here, Set<String> ids) {
        return ids.stream()
                .flatMap(id -> here.working().find(Group.class, id).stream())
                .map(Group::name)
                .sorted()
                .collect(Collectors.joining(" | "));
    }

    /** Reads a table; where it is taken, all rows that are not refused are done, whoever else works on members meanwhile. */
    List<MemberRowRead> read(Here here, String given, boolean take) {
        MembersDoor.requireWrite(here);
        List<List<String>> cells = Csv.read(given, MOST);
        Map<String, Integer> columns = columns(here, cells.get(0));
        Set<String> seen = new HashSet<>();
        List<MemberRowRead> rows = new ArrayList<>();
        int done = 0;
        for (int i = 1; i < cells.size(); i++) {
            MemberRowRead row = row(here, new Wish(i, columns, cells.get(i)), seen, take);
            done += row.does() == MemberDoes.NEW || row.does() == MemberDoes.OTHERWISE ? 1 : 0;
            rows.add(row);
        }
        if (take && done > 0) {
            records.write(Deed.MEMBERS_READ, here.by(), here.site(), null, String.valueOf(done));
        }
        return rows;
    }

    private static Map<String, Integer> columns(Here here, List<String> head) {
        Set<String> known = new HashSet<>(HEAD);
        Membership.in(here.working().site()).fields().forEach(f -> known.add(f.key()));
        Map<String, Integer> columns = new HashMap<>();
        for (int i = 0; i < head.size(); i++) {
            String name = head.get(i).strip();
            if (known.stream().noneMatch(k -> k.equalsIgnoreCase(name))) {
                throw Refusal.badInput(
                        "no-column",
                        "text",
                        "There is no column “" + name + "”.",
                        "Known: " + String.join(", ", known.stream().sorted().toList()) + ".");
            }
            columns.put(name.toLowerCase(Locale.ROOT), i);
        }
        if (!columns.containsKey("e-mail")) {
            throw Refusal.badInput(
                    "no-column", "text", "The column E-mail is missing.", "Members are known by their address.");
        }
        return columns;
    }

    /** One row of a table. */
    private record Wish(int number, Map<String, Integer> columns, List<String> cells) {

        Optional<String> said(String column) {
            Integer at = columns.get(column.toLowerCase(Locale.ROOT));
            return at == null
                    ? Optional.empty()
                    : Optional.of(at < cells.size() ? cells.get(at).strip() : "");
        }
    }

    private MemberRowRead row(Here here, Wish wish, Set<String> seen, boolean take) {
        String typed = wish.said("e-mail").orElse("");
        try {
            String email = Email.check(typed, "e-mail");
            if (!seen.add(email)) {
                throw Refusal.badInput(
                        "row-twice", "e-mail", "An earlier row is about this address.", "Leave one of them out.");
            }
            Optional<Member> known = members.byEmail(here.site(), email);
            String name = wish.said("name").orElse(known.map(Member::name).orElse(""));
            if (name.length() > LONGEST_NAME) {
                throw Refusal.badInput("too-long", "name", "The name is too long.", LONGEST_NAME + " characters fit.");
            }
            Set<String> groups = wish.said("groups")
                    .map(g -> groupIds(here, g))
                    .orElse(known.map(Member::groups).orElse(Set.of()));
            Map<String, String> fields = new TreeMap<>(known.map(Member::fields).orElse(Map.of()));
            Membership.in(here.working().site())
                    .fields()
                    .forEach(f -> wish.said(f.key()).ifPresent(v -> fields.put(f.key(), v)));
            Map<String, String> fit = MembersDoor.fit(here, fields);
            boolean same = known.filter(m -> m.name().equals(name)
                            && m.groups().equals(groups)
                            && m.fields().equals(fit))
                    .isPresent();
            if (take && !same) {
                members.put(here.site(), known, new Members.Described(email, name, groups, fit));
            }
            MemberDoes does = same ? MemberDoes.NOTHING : known.isPresent() ? MemberDoes.OTHERWISE : MemberDoes.NEW;
            return new MemberRowRead(wish.number(), email, does, "");
        } catch (Refusal refusal) {
            return new MemberRowRead(
                    wish.number(), typed, MemberDoes.REFUSED, refusal.getMessage() + " " + refusal.fix());
        }
    }

    private static Set<String> groupIds(Here here, String names) {
        return Arrays.stream(names.split("\\|"))
                .map(String::strip)
                .filter(n -> !n.isEmpty())
                .map(n -> here.working()
                        .all(Group.class)
                        .filter(g -> g.name().equalsIgnoreCase(n))
                        .map(Group::id)
                        .findFirst()
                        .orElseThrow(() -> Refusal.badInput(
                                "unknown-group", "groups", "There is no group “" + n + "”.", "Make it first.")))
                .collect(Collectors.toSet());
    }
}
