package venue.server.live;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Phrase;
import venue.core.body.scene.Guest.Turn;
import venue.core.model.site.BoundPage;
import venue.core.model.site.Membership;
import venue.server.app.Origins;
import venue.server.mail.MemberMail;
import venue.server.mail.MemberMail.Sort;
import venue.server.mail.Pace;
import venue.server.signin.Throttle;
import venue.store.member.Member;
import venue.store.member.MemberEntry;
import venue.store.member.MemberSessions;
import venue.store.member.Members;
import venue.store.people.Email;

/**
 * Answers what is sent by the forms of the members' pages, but signing in. No answer, and not how long it takes, tells whether somebody
 * has an account: what is written and sent for them is done by another thread.
 */
@Component
class MemberForms {

    private final MemberPages pages;
    private final Members members;
    private final MemberMail mail;
    private final MemberPasswords passwords;
    private final Throttle throttle;
    private final Pace pace;
    private final Origins origins;

    MemberForms(
            MemberPages pages,
            Members members,
            MemberMail mail,
            MemberPasswords passwords,
            Throttle throttle,
            Pace pace,
            Origins origins) {
        this.pages = pages;
        this.members = members;
        this.mail = mail;
        this.passwords = passwords;
        this.throttle = throttle;
        this.pace = pace;
        this.origins = origins;
    }

    private MemberEntry entry() {
        return members.entry();
    }

    CompletionStage<Reply> answer(Sent sent, BoundPage task) {
        return switch (task) {
            case JOIN -> done(join(sent));
            case FORGOTTEN -> sent.said("token").isEmpty() ? done(forgotten(sent)) : reset(sent);
            case CONFIRM -> done(confirm(sent));
            case MY_PAGE -> mine(sent);
            default -> done(leave(sent));
        };
    }

    static CompletionStage<Reply> done(Reply reply) {
        return CompletableFuture.completedFuture(reply);
    }

    /** One of the pages, in a state. */
    Reply page(Sent sent, BoundPage task, String state) {
        return pages.of(sent.workspace(), sent.caller(), task, Turn.of(task.element(), state));
    }

    /** The same as something is wrong with what was sent: what was typed stays. */
    Reply wrong(Sent sent, BoundPage task, int status, String state, String words) {
        Map<String, String> typed = new TreeMap<>(sent.form());
        typed.keySet().removeIf(k -> k.equals("password") || k.equals("present"));
        return pages.of(
                        sent.workspace(),
                        sent.caller(),
                        task,
                        Turn.of(task.element(), state).typed(typed).wrong(words))
                .status(status);
    }

    String link(Sent sent, String path) {
        return origins.of(sent.site()) + path;
    }

    /** Takes so many letters from one address; refused where more are asked for. */
    boolean paced(Sent sent) {
        try {
            pace.require(sent.asked().getRemoteAddr());
            return true;
        } catch (Refusal many) {
            return false;
        }
    }

    private Reply join(Sent sent) {
        Membership membership = Membership.in(sent.site());
        if (membership.way() == Membership.Way.INVITED || sent.caller().member().isPresent()) {
            return page(sent, BoundPage.JOIN, "");
        }
        String name = Letters.line(sent.said("name"));
        String wrong = sent.unfit(membership, name);
        if (!wrong.isEmpty()) {
            return wrong(sent, BoundPage.JOIN, 422, "refused", wrong);
        }
        if (!paced(sent)) {
            return wrong(sent, BoundPage.JOIN, 429, "refused", sent.say(Phrase.TRY_LATER));
        }
        String email = Email.normal(sent.said("email"));
        Map<String, String> fields = sent.fields(membership);
        pace.later(() -> entry().ask(sent.workspace().site(), email, name, fields)
                .ifPresentOrElse(
                        l -> mail.tell(Sort.CONFIRM, sent.site(), email, link(sent, "/-/confirm?token=" + l.token())),
                        () -> mail.tell(Sort.KNOWN, sent.site(), email, link(sent, Reply.SIGN_IN))));
        return page(sent, BoundPage.JOIN, "sent");
    }

    private Reply confirm(Sent sent) {
        String token = sent.said("token");
        Membership membership = Membership.in(sent.site());
        return entry().confirm(sent.workspace().site(), token, membership::admits)
                .map(member -> member.isActive()
                        ? entered(sent, member, page(in(sent, member), BoundPage.CONFIRM, "done"))
                        : page(sent, BoundPage.CONFIRM, "waits"))
                .orElseGet(() -> wrong(sent, BoundPage.CONFIRM, 410, "", sent.say(Phrase.LINK_OLD)));
    }

    /** The same, sent by somebody who has just come in. */
    private Sent in(Sent sent, Member member) {
        MemberSessions.Session none = new MemberSessions.Session(Hash.NONE, member.id(), "", member.since(), "", null);
        return new Sent(sent.workspace(), Caller.of(new MemberSessions.Open(none, member)), sent.asked(), sent.form());
    }

    /** An answer to somebody who is signed in with it. */
    Reply entered(Sent sent, Member member, Reply reply) {
        String device = String.valueOf(sent.asked().getHeader("User-Agent"));
        return reply.with(Callers.known(sent.asked(), entry().signIn(member, device)));
    }

    private Reply forgotten(Sent sent) {
        String email = Email.normal(sent.said("email"));
        if (!paced(sent)) {
            return wrong(sent, BoundPage.FORGOTTEN, 429, "", sent.say(Phrase.TRY_LATER));
        }
        pace.later(() -> members.byEmail(sent.workspace().site(), email)
                .filter(Member::isActive)
                .ifPresent(m -> mail.tell(
                        Sort.PASSWORD,
                        sent.site(),
                        email,
                        link(sent, "/-/forgotten?token=" + entry().passwordLink(m)))));
        return page(sent, BoundPage.FORGOTTEN, "sent");
    }

    private CompletionStage<Reply> reset(Sent sent) {
        String token = sent.said("token");
        return entry().forgetful(sent.workspace().site(), token)
                .map(member -> setting(
                        sent,
                        member,
                        BoundPage.FORGOTTEN,
                        hash -> entry().reset(sent.workspace().site(), token, hash)
                                ? page(sent, BoundPage.FORGOTTEN, "done")
                                : wrong(sent, BoundPage.FORGOTTEN, 410, "", sent.say(Phrase.LINK_OLD))))
                .orElseGet(() -> done(wrong(sent, BoundPage.FORGOTTEN, 410, "", sent.say(Phrase.LINK_OLD))));
    }

    /** Makes a new password ready where it is fit to be one. */
    private CompletionStage<Reply> setting(Sent sent, Member member, BoundPage task, Function<String, Reply> kept) {
        String password = sent.form().getOrDefault("password", "");
        Collection<String> own = List.of(
                member.email(),
                member.name(),
                sent.site().name(),
                sent.site().hosts().get(0));
        return passwords.later(0, () -> {
            String hash;
            try {
                hash = passwords.fresh(password, own);
            } catch (Refusal unfit) {
                String state = task == BoundPage.FORGOTTEN ? "link" : "refused";
                return wrong(sent, task, 422, state, sent.say(Phrase.PASSWORD_UNFIT));
            }
            return kept.apply(hash);
        });
    }

    private CompletionStage<Reply> mine(Sent sent) {
        if (sent.caller().open().isEmpty()) {
            return done(page(sent, BoundPage.MY_PAGE, ""));
        }
        MemberSessions.Open open = sent.caller().open().get();
        return switch (sent.said("what")) {
            case "details" -> done(details(sent, open.member()));
            case "password" -> password(sent, open);
            case "sessions" -> {
                entry().endOthers(open.member(), open.session().hash());
                yield done(page(sent, BoundPage.MY_PAGE, "saved"));
            }
            default -> done(page(sent, BoundPage.MY_PAGE, ""));
        };
    }

    private Reply details(Sent sent, Member member) {
        Membership membership = Membership.in(sent.site());
        String name = Letters.line(sent.said("name"));
        Map<String, String> form = new TreeMap<>(sent.form());
        form.put("email", member.email());
        form.put("consent", "yes");
        String wrong = new Sent(sent.workspace(), sent.caller(), sent.asked(), form).unfit(membership, name);
        if (!wrong.isEmpty()) {
            return wrong(sent, BoundPage.MY_PAGE, 422, "refused", wrong);
        }
        Member described = entry().describe(member, name, sent.fields(membership));
        return page(in(sent, described), BoundPage.MY_PAGE, "saved");
    }

    /** Whoever has none yet needs to say none. Guessing the present one is slowed down as guessing at the door is. */
    private CompletionStage<Reply> password(Sent sent, MemberSessions.Open open) {
        Member member = open.member();
        String account = member.site() + " " + member.email();
        String from = sent.asked().getRemoteAddr();
        String present = sent.form().getOrDefault("present", "");
        return passwords
                .later(throttle.waitMs(account, from), () -> {
                    boolean right = member.password() == null || passwords.fits(member.password(), present);
                    if (!right) {
                        throttle.failed(account, from);
                    }
                    return right;
                })
                .thenCompose(right -> right
                        ? setting(sent, member, BoundPage.MY_PAGE, hash -> {
                            entry().setPassword(member, hash, open.session().hash());
                            return page(sent, BoundPage.MY_PAGE, "saved");
                        })
                        : done(wrong(sent, BoundPage.MY_PAGE, 422, "refused", sent.say(Phrase.PRESENT_WRONG))));
    }

    private Reply leave(Sent sent) {
        if (sent.caller().member().isEmpty() || !sent.said("sure").equals("yes")) {
            return page(sent, BoundPage.LEAVE, "");
        }
        entry().leave(sent.caller().member().get());
        Sent left = sent.by(Caller.STRANGER);
        return page(left, BoundPage.LEAVE, "done").with(Callers.forgotten(sent.asked()));
    }
}
