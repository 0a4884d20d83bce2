package venue.store.member;

import java.security.SecureRandom;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.MemberId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;
import venue.store.member.Member.State;
import venue.store.member.MemberLinks.Purpose;
import venue.store.people.Email;
import venue.store.people.PersonName;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** The members of all sites. What is done to them by the people of a site is written into the record, without saying to whom. */
public final class Members {

    /** The most members of one site. */
    public static final int MOST = 100_000;

    private final Database database;
    private final InstantSource clock;
    private final Records records;
    private final MemberRows rows;
    private final MemberLinks links;
    private final MemberSessions sessions;
    private final MemberEntry entry;
    private final SecureRandom chance = new SecureRandom();

    public Members(Database database, InstantSource clock, Records records) {
        this.database = database;
        this.clock = clock;
        this.records = records;
        rows = new MemberRows(database);
        links = new MemberLinks(database, clock);
        sessions = new MemberSessions(database, clock, rows);
        entry = new MemberEntry(database, records, this, links);
    }

    /** How many members a site has: in each state, and in each group. */
    public record Counts(Map<State, Integer> states, Map<String, Integer> groups) {

        public int all() {
            return states.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    public MemberSessions sessions() {
        return sessions;
    }

    /** What visitors and members do themselves. */
    public MemberEntry entry() {
        return entry;
    }

    public Optional<Member> find(SiteId site, MemberId id) {
        return rows.find(site, id);
    }

    public Optional<Member> byEmail(SiteId site, String email) {
        return rows.byEmail(site, email);
    }

    /**
     * Some of those that are asked for, by name.
     *
     * @param all how many there are; never fewer than are told, whoever joins or leaves meanwhile
     */
    public record Found(List<Member> rows, int all) {}

    /** Those after so many. */
    public Found found(SiteId site, MemberFilter filter, int after, int most) {
        List<Member> some = rows.list(site, filter, after, most);
        int told = after + some.size();
        boolean ends = some.size() < most && (after == 0 || !some.isEmpty());
        return new Found(some, ends ? told : Math.max(some.isEmpty() ? 0 : told, rows.count(site, filter)));
    }

    public Counts counts(SiteId site) {
        return new Counts(rows.states(site), rows.groups(site));
    }

    /** Keeps somebody as they are given. */
    public Member add(SiteId site, String email, String name, State state, @Nullable String hash, Set<String> groups) {
        if (counts(site).all() >= MOST) {
            throw Refusal.conflict(
                    "too-many-members", "email", "A site has " + MOST + " members at most.", "Remove some first.");
        }
        Member member = new Member(
                MemberId.fresh(chance),
                site,
                Email.check(email, "email"),
                name,
                hash,
                state,
                Map.of(),
                groups,
                clock.instant().truncatedTo(ChronoUnit.SECONDS).toString(),
                null);
        return database.write(() -> {
            rows.add(member);
            return member;
        });
    }

    /** Invites somebody, or makes whoever has not come yet a new link; the one before is no longer good. */
    public MemberEntry.Linked invite(By by, SiteId site, String email, String name, Set<String> groups) {
        return database.write(() -> {
            Optional<Member> known = rows.byEmail(site, Email.check(email, "email"));
            known.ifPresent(Members::requireNotHere);
            String called = name.isBlank() ? "" : PersonName.check(name);
            Member member = known.map(m -> m.in(State.INVITED).of(groups))
                    .orElseGet(() -> add(site, email, called, State.INVITED, null, groups));
            rows.change(called.isEmpty() ? member : member.described(called, member.fields()));
            records.write(Deed.MEMBER_INVITED, by, site, null, null);
            return new MemberEntry.Linked(member, links.make(Purpose.INVITATION, site, member.id(), null));
        });
    }

    private static void requireNotHere(Member known) {
        if (known.isActive() || known.state() == State.DEACTIVATED) {
            throw Refusal.conflict(
                    "member-already",
                    "email",
                    "“" + known.email() + "” is a member already" + (known.isActive() ? "." : ", and deactivated."),
                    known.isActive() ? "Look them up in the table." : "Bring them back instead.");
        }
    }

    /** What a table says of somebody. */
    public record Described(String email, String name, Set<String> groups, Map<String, String> fields) {}

    /** Keeps what a table says of somebody who is known, or of a new member, who signs in by links until they have a password. */
    public void put(SiteId site, Optional<Member> known, Described said) {
        database.write(() -> {
            Member member =
                    known.orElseGet(() -> add(site, said.email(), said.name(), State.ACTIVE, null, said.groups()));
            return kept(member.described(said.name(), said.fields()).of(said.groups()));
        });
    }

    /** Lets in those of some who have asked, whether their address is confirmed or not. */
    public List<Member> approve(By by, SiteId site, Collection<MemberId> ids) {
        return each(
                by,
                Deed.MEMBER_APPROVED,
                site,
                ids,
                m -> m.state() == State.ASKED || m.state() == State.UNCONFIRMED ? m.in(State.ACTIVE) : m);
    }

    /** Those of some who are active can't sign in any more. */
    public List<Member> deactivate(By by, SiteId site, Collection<MemberId> ids) {
        return each(by, Deed.MEMBER_DEACTIVATED, site, ids, m -> {
            if (m.isActive()) {
                sessions.end(m.id(), null);
            }
            return m.isActive() ? m.in(State.DEACTIVATED) : m;
        });
    }

    public List<Member> bringBack(By by, SiteId site, Collection<MemberId> ids) {
        return each(
                by, Deed.MEMBER_BROUGHT_BACK, site, ids, m -> m.state() == State.DEACTIVATED ? m.in(State.ACTIVE) : m);
    }

    /** Puts members into some groups and takes them out of others. */
    public List<Member> regroup(By by, SiteId site, Collection<MemberId> ids, Set<String> put, Set<String> taken) {
        return each(by, Deed.MEMBER_REGROUPED, site, ids, m -> {
            Set<String> groups = new HashSet<>(m.groups());
            groups.removeAll(taken);
            groups.addAll(put);
            return m.of(groups);
        });
    }

    /** What the people of the site write down of a member. */
    public Member write(By by, SiteId site, MemberId id, String name, Map<String, String> fields) {
        String checked = PersonName.check(name);
        return each(by, Deed.MEMBER_DESCRIBED, site, List.of(id), m -> m.described(checked, fields)).stream()
                .findFirst()
                .orElseGet(() -> require(site, id));
    }

    public Member require(SiteId site, MemberId id) {
        return rows.find(site, id).orElseThrow(() -> Refusal.unknown("member", id.text()));
    }

    /** Takes some away for good, with all that is kept of them; gives how many. */
    public int remove(By by, SiteId site, Collection<MemberId> ids) {
        int removed = database.write(() -> {
            List<Member> gone =
                    ids.stream().flatMap(id -> rows.find(site, id).stream()).toList();
            gone.forEach(m -> rows.remove(m.id()));
            if (!gone.isEmpty()) {
                records.write(Deed.MEMBER_REMOVED, by, site, null, String.valueOf(gone.size()));
            }
            return gone.size();
        });
        sessions.forget();
        return removed;
    }

    /** Gives those that are another now. */
    private List<Member> each(By by, Deed deed, SiteId site, Collection<MemberId> ids, UnaryOperator<Member> change) {
        List<Member> changed = database.write(() -> {
            List<Member> others = ids.stream()
                    .flatMap(id -> rows.find(site, id).stream())
                    .filter(m -> !change.apply(m).equals(m))
                    .map(m -> kept(change.apply(m)))
                    .collect(Collectors.toList());
            if (!others.isEmpty()) {
                records.write(deed, by, site, null, String.valueOf(others.size()));
            }
            return others;
        });
        sessions.forget();
        return changed;
    }

    MemberRows rows() {
        return rows;
    }

    Member kept(Member member) {
        rows.change(member);
        sessions.forget();
        return member;
    }
}
