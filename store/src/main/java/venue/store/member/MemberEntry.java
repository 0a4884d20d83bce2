package venue.store.member;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;
import venue.store.member.Member.State;
import venue.store.member.MemberLinks.Purpose;
import venue.store.people.PersonName;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** What visitors and members do themselves: they ask, come in, sign in, change what is kept of them, and leave. */
public final class MemberEntry {

    /** Somebody with the token of a link to them. */
    public record Linked(Member member, String token) {}

    private final Database database;
    private final Records records;
    private final Members members;
    private final MemberRows rows;
    private final MemberLinks links;
    private final MemberSessions sessions;

    MemberEntry(Database database, Records records, Members members, MemberLinks links) {
        this.database = database;
        this.records = records;
        this.members = members;
        this.links = links;
        rows = members.rows();
        sessions = members.sessions();
    }

    /** Somebody asks to become a member: a link that confirms their address; empty where they are one, or may not be any more. */
    public Optional<Linked> ask(SiteId site, String email, String name, Map<String, String> fields) {
        return database.write(() -> {
            Optional<Member> known = rows.byEmail(site, email);
            if (known.filter(m -> m.isActive() || m.state() == State.DEACTIVATED || m.state() == State.ASKED)
                    .isPresent()) {
                return Optional.<Linked>empty();
            }
            Member member = known.orElseGet(() -> members.add(site, email, name, State.UNCONFIRMED, null, Set.of()))
                    .described(name, fields);
            rows.change(member);
            return Optional.of(new Linked(member, links.make(Purpose.CONFIRM, site, member.id(), null)));
        });
    }

    /** Whether a link is good that somebody came with, to confirm an address or to come in. */
    public boolean isGood(SiteId site, String token) {
        return links.find(Purpose.CONFIRM, site, token).isPresent()
                || links.find(Purpose.INVITATION, site, token).isPresent();
    }

    /**
     * Takes the address that a link confirms: whoever was invited is in; others wait for one of the site's people to agree.
     *
     * @param unasked whether somebody with an address is in without that
     */
    public Optional<Member> confirm(SiteId site, String token, Predicate<String> unasked) {
        return database.write(() -> links.use(Purpose.INVITATION, site, token)
                .flatMap(l -> rows.find(site, l.member()))
                .map(m -> members.kept(m.in(State.ACTIVE)))
                .or(() -> links.use(Purpose.CONFIRM, site, token)
                        .flatMap(l -> rows.find(site, l.member()))
                        .filter(m -> m.state() == State.UNCONFIRMED || m.isActive())
                        .map(m -> members.kept(
                                m.in(m.isActive() || unasked.test(m.email()) ? State.ACTIVE : State.ASKED)))));
    }

    /** A link by which an active member signs in. */
    public String signInLink(Member member) {
        return links.make(Purpose.SIGN_IN, member.site(), member.id(), null);
    }

    public boolean opens(SiteId site, String token) {
        return links.find(Purpose.SIGN_IN, site, token).isPresent();
    }

    /** Who signs in by a link; it is used up. */
    public Optional<Member> bySignInLink(SiteId site, String token) {
        return links.use(Purpose.SIGN_IN, site, token)
                .flatMap(l -> rows.find(site, l.member()))
                .filter(Member::isActive);
    }

    /** A link by which an active member sets a new password. */
    public String passwordLink(Member member) {
        return links.make(Purpose.PASSWORD, member.site(), member.id(), null);
    }

    /** Whose password a link sets; it stays good. */
    public Optional<Member> forgetful(SiteId site, String token) {
        return links.find(Purpose.PASSWORD, site, token)
                .flatMap(l -> rows.find(site, l.member()))
                .filter(Member::isActive);
    }

    /** Sets the password for which a link was made; all sessions end. */
    public boolean reset(SiteId site, String token, String hash) {
        return database.write(() -> {
            Optional<Member> member = forgetful(site, token);
            if (member.isEmpty() || links.use(Purpose.PASSWORD, site, token).isEmpty()) {
                return false;
            }
            setPassword(member.get(), hash, null);
            return true;
        });
    }

    /** A new password; their sessions end, but for the one in which they changed it. */
    public void setPassword(Member member, String hash, @Nullable Hash session) {
        database.write(() -> {
            rows.find(member.site(), member.id()).ifPresent(m -> rows.change(m.withPassword(hash)));
            sessions.end(member.id(), session);
            return hash;
        });
    }

    /** Signs somebody in; gives the token of their session. */
    public String signIn(Member member, String device) {
        return sessions.begin(member, device);
    }

    public void endOthers(Member member, Hash session) {
        database.write(() -> {
            sessions.end(member.id(), session);
            return session;
        });
    }

    /** What a member says of themselves. */
    public Member describe(Member member, String name, Map<String, String> fields) {
        String checked = PersonName.check(name);
        return database.write(() -> rows.find(member.site(), member.id())
                .map(m -> members.kept(m.described(checked, fields)))
                .orElse(member));
    }

    /** A member leaves; nothing is kept of them. */
    public void leave(Member member) {
        database.write(() -> {
            rows.remove(member.id());
            records.write(Deed.MEMBER_LEFT, By.SERVER, member.site(), null, null);
            return member;
        });
        sessions.forget();
    }
}
