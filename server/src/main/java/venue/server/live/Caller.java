package venue.server.live;

import java.util.Optional;
import venue.core.model.gate.Visitor;
import venue.store.member.Member;
import venue.store.member.MemberSessions;

/** Who asks for something of a site: a stranger, or a member who has signed in. */
record Caller(Visitor visitor, Optional<MemberSessions.Open> open) {

    static final Caller STRANGER = new Caller(Visitor.STRANGER, Optional.empty());

    static Caller of(MemberSessions.Open open) {
        return new Caller(Visitor.member(open.member().groups()), Optional.of(open));
    }

    Optional<Member> member() {
        return open.map(MemberSessions.Open::member);
    }
}
