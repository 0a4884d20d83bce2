package venue.server.live;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.concurrent.CompletionStage;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Phrase;
import venue.core.model.site.BoundPage;
import venue.server.mail.MemberMail;
import venue.server.mail.Pace;
import venue.server.signin.Throttle;
import venue.store.member.Member;
import venue.store.member.Members;
import venue.store.people.Email;

/** Signs members in and out. Whoever was led there comes to the page that they asked for. */
@Component
class MemberSignIn {

    static final String OUT = "/-/sign-out";

    private final MemberForms forms;
    private final Members members;
    private final MemberMail mail;
    private final MemberPasswords passwords;
    private final Throttle throttle;
    private final Pace pace;

    MemberSignIn(
            MemberForms forms,
            Members members,
            MemberMail mail,
            MemberPasswords passwords,
            Throttle throttle,
            Pace pace) {
        this.forms = forms;
        this.members = members;
        this.mail = mail;
        this.passwords = passwords;
        this.throttle = throttle;
        this.pace = pace;
    }

    CompletionStage<Reply> in(Sent sent) {
        if (!sent.said("token").isEmpty()) {
            return MemberForms.done(byLink(sent));
        }
        return sent.said("way").equals("link") ? MemberForms.done(sendLink(sent)) : byPassword(sent);
    }

    private CompletionStage<Reply> byPassword(Sent sent) {
        String email = Email.normal(sent.said("email"));
        String account = sent.workspace().site() + " " + email;
        String from = sent.asked().getRemoteAddr();
        try {
            throttle.begin(from);
        } catch (Refusal busy) {
            return MemberForms.done(forms.wrong(sent, BoundPage.SIGN_IN, 429, "refused", sent.say(Phrase.TRY_LATER)));
        }
        return passwords
                .later(throttle.waitMs(account, from), () -> compared(sent, email, account, from))
                .whenComplete((reply, failure) -> throttle.end(from));
    }

    private Reply compared(Sent sent, String email, String account, String from) {
        Optional<Member> member =
                members.byEmail(sent.workspace().site(), email).filter(Member::isActive);
        String hash = member.map(Member::password).orElse(null);
        if (!passwords.fits(hash, sent.form().getOrDefault("password", ""))) {
            throttle.failed(account, from);
            return forms.wrong(sent, BoundPage.SIGN_IN, 403, "refused", sent.say(Phrase.SIGN_IN_REFUSED));
        }
        throttle.succeeded(account);
        return entered(sent, member.orElseThrow());
    }

    /** 303 (RFC 9110, 15.4.4): on to the page that they asked for. */
    private Reply entered(Sent sent, Member member) {
        String to = sent.said("to");
        return forms.entered(sent, member, Reply.seeOther(SiteCookie.isOwnPath(to) ? to : "/"));
    }

    private Reply byLink(Sent sent) {
        return members.entry()
                .bySignInLink(sent.workspace().site(), sent.said("token"))
                .map(member -> entered(sent, member))
                .orElseGet(() -> forms.wrong(sent, BoundPage.SIGN_IN, 410, "refused", sent.say(Phrase.LINK_OLD)));
    }

    private Reply sendLink(Sent sent) {
        String email = Email.normal(sent.said("email"));
        if (!forms.paced(sent)) {
            return forms.wrong(sent, BoundPage.SIGN_IN, 429, "refused", sent.say(Phrase.TRY_LATER));
        }
        String to = sent.said("to");
        pace.later(() -> members.byEmail(sent.workspace().site(), email)
                .filter(Member::isActive)
                .ifPresent(
                        m -> mail.tell(MemberMail.Sort.SIGN_IN, sent.site(), email, forms.link(sent, address(m, to)))));
        return forms.page(sent, BoundPage.SIGN_IN, "sent");
    }

    private String address(Member member, String to) {
        String on = SiteCookie.isOwnPath(to) ? "&to=" + URLEncoder.encode(to, StandardCharsets.UTF_8) : "";
        return Reply.SIGN_IN + "?token=" + members.entry().signInLink(member) + on;
    }

    Reply out(Sent sent) {
        sent.caller().open().ifPresent(o -> members.sessions().end(o.session().hash()));
        return Reply.seeOther("/").with(Callers.forgotten(sent.asked()));
    }
}
