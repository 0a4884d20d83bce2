package venue.server.member;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.MemberId;
import venue.core.model.gate.Group;
import venue.core.model.site.Membership;
import venue.server.here.Here;
import venue.server.mail.MemberMail;
import venue.store.member.Member;
import venue.store.member.MemberFilter;
import venue.store.member.Members;

/** The members of a site: who they are, which groups they belong to, who may come in. */
@RestController
@RequestMapping("/api/sites/{site}/members")
class MembersController {

    private static final int MOST_ROWS = 200;
    private static final int MOST_AT_ONCE = 10_000;

    private final Members members;
    private final MemberInvitations invitations;
    private final MemberMail mail;
    private final MemberTable table;
    private final PeopleOfSite people;

    MembersController(
            Members members, MemberInvitations invitations, MemberMail mail, MemberTable table, PeopleOfSite people) {
        this.people = people;
        this.table = table;
        this.members = members;
        this.invitations = invitations;
        this.mail = mail;
    }

    /**
     * A member.
     *
     * @param fields what the site keeps of its members, by key
     * @param groups ids
     * @param seenAt when they were last here; absent for never
     * @param ours whether one of the people who make the site has the same address: that is somebody apart
     */
    record MemberRow(
            MemberId id,
            String name,
            String email,
            Member.State state,
            Map<String, String> fields,
            List<String> groups,
            @Nullable String seenAt,
            boolean ours) {

        static MemberRow of(Member member, Set<String> ours) {
            return new MemberRow(
                    member.id(),
                    member.name(),
                    member.email(),
                    member.state(),
                    member.fields(),
                    member.groups().stream().sorted().toList(),
                    member.seenAt(),
                    ours.contains(member.email()));
        }
    }

    /** A group, and how many members who may sign in belong to it. */
    record MemberGroup(String id, String name, String note, int members) {}

    /**
     * Some members of a site, by name.
     *
     * @param found how many there are of those that are asked for
     * @param states how many there are in each state
     * @param fields what the site keeps of each
     * @param writes whether whoever asks may change something
     */
    record MembersTold(
            List<MemberRow> rows,
            int found,
            Map<Member.State, Integer> states,
            List<MemberGroup> groups,
            List<Membership.Field> fields,
            boolean mail,
            boolean writes) {}

    /** @param after how many of those that are asked for are known already */
    @GetMapping
    MembersTold members(
            Here here,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(required = false) Member.@Nullable State state,
            @RequestParam(required = false) @Nullable String group,
            @RequestParam(defaultValue = "0") int after) {
        Membership membership = MembersDoor.require(here);
        MemberFilter filter = new MemberFilter(q, state, group);
        Members.Counts counts = members.counts(here.site());
        Set<String> ours = people.emails(here.site());
        Members.Found found = members.found(here.site(), filter, Math.max(0, after), MOST_ROWS);
        return new MembersTold(
                found.rows().stream().map(m -> MemberRow.of(m, ours)).toList(),
                found.all(),
                counts.states(),
                here.working()
                        .all(Group.class)
                        .sorted(Comparator.comparing(Group::name))
                        .map(g -> new MemberGroup(
                                g.id(), g.name(), g.note(), counts.groups().getOrDefault(g.id(), 0)))
                        .toList(),
                membership.fields(),
                mail.isSetUp(),
                MembersDoor.mayWrite(here));
    }

    /** The members as a table (CSV, RFC 4180). */
    @GetMapping(value = "/table", produces = "text/csv;charset=UTF-8")
    String table(Here here) {
        return table.csv(here);
    }

    /** A table as it was written or pasted. */
    record MembersGiven(String text) {}

    /**
     * What it would do, or has done.
     *
     * @param rows the first 500, those that are refused before all others
     */
    record MembersRead(Map<MemberTable.MemberDoes, Long> counts, List<MemberTable.MemberRowRead> rows) {

        private static final int MOST = 500;

        static MembersRead of(List<MemberTable.MemberRowRead> rows) {
            return new MembersRead(
                    rows.stream()
                            .collect(Collectors.groupingBy(MemberTable.MemberRowRead::does, Collectors.counting())),
                    rows.stream()
                            .sorted(Comparator.comparing(r -> r.does() != MemberTable.MemberDoes.REFUSED))
                            .limit(MOST)
                            .toList());
        }
    }

    @PostMapping("/table/read")
    MembersRead read(Here here, @RequestBody MembersGiven given) {
        return MembersRead.of(table.read(here, given.text(), false));
    }

    @PostMapping("/table/take")
    MembersRead take(Here here, @RequestBody MembersGiven given) {
        return MembersRead.of(table.read(here, given.text(), true));
    }

    private MemberRow row(Here here, Member member) {
        return MemberRow.of(member, people.emails(here.site()));
    }

    /** Whom to invite. */
    record InvitedMember(String email, String name, List<String> groups) {}

    /** @param address what to hand over; absent where a letter was sent */
    record MemberLink(MemberRow member, @Nullable String address) {}

    @PostMapping("/invite")
    MemberLink invite(Here here, @RequestBody InvitedMember invited) {
        MembersDoor.requireWrite(here);
        Set<String> groups = groups(here, invited.groups());
        MemberInvitations.Made made = invitations.invite(here, invited.email(), invited.name(), groups);
        return new MemberLink(row(here, made.member()), made.address());
    }

    /** A link by which a member signs in, to hand over where no letters are sent. */
    @PostMapping("/{member}/link")
    MemberLink link(Here here, @PathVariable String member) {
        MembersDoor.requireWrite(here);
        Member known = members.require(here.site(), new MemberId(member));
        return new MemberLink(row(here, known), invitations.again(here, known));
    }

    /** Which of them. */
    record SomeMembers(List<MemberId> ids) {}

    /** How many are otherwise now. */
    record MembersDone(int done) {}

    @PostMapping("/approve")
    MembersDone approve(Here here, @RequestBody SomeMembers some) {
        List<Member> approved = members.approve(here.by(), here.site(), ids(here, some.ids()));
        approved.forEach(m -> invitations.tellApproved(here, m));
        return new MembersDone(approved.size());
    }

    @PostMapping("/deactivate")
    MembersDone deactivate(Here here, @RequestBody SomeMembers some) {
        return new MembersDone(members.deactivate(here.by(), here.site(), ids(here, some.ids()))
                .size());
    }

    @PostMapping("/bring-back")
    MembersDone bringBack(Here here, @RequestBody SomeMembers some) {
        return new MembersDone(
                members.bringBack(here.by(), here.site(), ids(here, some.ids())).size());
    }

    /** Takes them away for good, with all that is kept of them. */
    @PostMapping("/remove")
    MembersDone remove(Here here, @RequestBody SomeMembers some) {
        return new MembersDone(members.remove(here.by(), here.site(), ids(here, some.ids())));
    }

    /** Into which groups they are put, and out of which they are taken. */
    record Regrouped(List<MemberId> ids, List<String> put, List<String> taken) {}

    @PostMapping("/regroup")
    MembersDone regroup(Here here, @RequestBody Regrouped wanted) {
        return new MembersDone(members.regroup(
                        here.by(),
                        here.site(),
                        ids(here, wanted.ids()),
                        groups(here, wanted.put()),
                        Set.copyOf(wanted.taken()))
                .size());
    }

    /** What is written down of a member. */
    record WrittenMember(String name, Map<String, String> fields) {}

    @PostMapping("/{member}")
    MemberRow write(Here here, @PathVariable String member, @RequestBody WrittenMember written) {
        MembersDoor.requireWrite(here);
        return row(
                here,
                members.write(
                        here.by(),
                        here.site(),
                        new MemberId(member),
                        written.name(),
                        MembersDoor.fit(here, written.fields())));
    }

    private static List<MemberId> ids(Here here, List<MemberId> ids) {
        MembersDoor.requireWrite(here);
        if (ids.isEmpty() || ids.size() > MOST_AT_ONCE) {
            throw Refusal.badInput(
                    "bad-count",
                    "ids",
                    ids.isEmpty() ? "No member is chosen." : ids.size() + " members at once.",
                    "Choose from 1 to " + MOST_AT_ONCE + ".");
        }
        return ids;
    }

    private static Set<String> groups(Here here, List<String> ids) {
        ids.forEach(id -> here.working().require(Group.class, id));
        return Set.copyOf(ids);
    }
}
