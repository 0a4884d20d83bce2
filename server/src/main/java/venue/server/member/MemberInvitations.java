package venue.server.member;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.model.site.Site;
import venue.server.app.Origins;
import venue.server.here.Here;
import venue.server.mail.MemberMail;
import venue.store.member.Member;
import venue.store.member.MemberEntry;
import venue.store.member.Members;

/** Links to members: sent in letters where letters are sent, else told to whoever makes them, to hand over. */
@Component
class MemberInvitations {

    private final Members members;
    private final MemberMail mail;
    private final Origins origins;

    MemberInvitations(Members members, MemberMail mail, Origins origins) {
        this.members = members;
        this.mail = mail;
        this.origins = origins;
    }

    /** @param address what to hand over; absent where a letter was sent */
    record Made(Member member, @Nullable String address) {}

    Made invite(Here here, String email, String name, Set<String> groups) {
        MemberEntry.Linked linked = members.invite(here.by(), here.site(), email, name, groups);
        return new Made(linked.member(), sent(here, linked.member(), linked.token()));
    }

    private @Nullable String sent(Here here, Member member, String token) {
        Site site = here.working().site();
        String address = origins.of(site) + "/-/confirm?token=" + token;
        if (mail.isSetUp()) {
            mail.tell(MemberMail.Sort.INVITATION, site, member.email(), address);
            return null;
        }
        return address;
    }

    /** A link for somebody who is known: to come in, or to sign in. */
    @Nullable
    String again(Here here, Member member) {
        Site site = here.working().site();
        if (member.state() == Member.State.INVITED) {
            return invite(here, member.email(), member.name(), member.groups()).address();
        }
        if (!member.isActive()) {
            throw Refusal.conflict(
                    "not-active",
                    "member",
                    "“" + member.email() + "” can't sign in.",
                    "Approve them or bring them back first.");
        }
        String address =
                origins.of(site) + "/-/sign-in?token=" + members.entry().signInLink(member);
        if (mail.isSetUp()) {
            mail.tell(MemberMail.Sort.SIGN_IN, site, member.email(), address);
            return null;
        }
        return address;
    }

    void tellApproved(Here here, Member member) {
        Site site = here.working().site();
        mail.tell(MemberMail.Sort.APPROVED, site, member.email(), origins.of(site) + "/-/sign-in");
    }
}
