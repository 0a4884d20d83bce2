package venue.server.letter;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.basics.item.SubscriberId;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.form.FormSettings;
import venue.core.model.page.Page;
import venue.core.show.render.View;
import venue.server.mail.MemberMail;
import venue.store.answer.Answer;
import venue.store.answer.FormSeal;
import venue.store.letter.Subscriber;
import venue.store.letter.Subscriber.Stands;
import venue.store.letter.Subscribers;

/** Comes onto a list by a form, and off it: each by a letter that only whoever has the address can open. */
@Component
public class Subscribing {

    /** Where they confirm, and leave. */
    public static final String WHERE = "/-/letters";

    /** What tokens of subscribers are sealed with. */
    private static final String SEALED = "letters";

    private final Subscribers subscribers;
    private final FormSeal seal;
    private final MemberMail mail;

    Subscribing(Subscribers subscribers, FormSeal seal, MemberMail mail) {
        this.subscribers = subscribers;
        this.seal = seal;
        this.mail = mail;
    }

    /** Something was sent by a form: where that makes a list, whoever sent it is asked to confirm. What is set apart is not. */
    public void sent(View view, Form form, Answer answer) {
        if (!form.is(FormSettings.LIST)
                || answer.email().isEmpty()
                || answer.done().apart() != null) {
            return;
        }
        subscribers
                .ask(answer.site(), form.id(), answer.email(), answer.who(), proof(view.edition(), form, answer))
                .filter(Subscribers.Asked::write)
                .ifPresent(asked -> {
                    Subscriber one = asked.subscriber();
                    mail.tell(
                            one.stands() == Stands.IN ? MemberMail.Sort.SUBSCRIBER_KNOWN : MemberMail.Sort.SUBSCRIBED,
                            view.edition().site(),
                            one.email(),
                            address(view.origin(), one.id()));
                });
    }

    private static String proof(Edition edition, Form form, Answer answer) {
        String page = edition.page(answer.page()).map(Page::title).orElse("");
        String agreed = form.fields().stream()
                .filter(f -> f.type().equals("consent"))
                .filter(f -> answer.said().stream()
                        .anyMatch(s -> s.key().equals(f.key()) && !s.value().isEmpty()))
                .map(f -> " “" + Values.text(f.settings(), "words") + "”")
                .collect(Collectors.joining());
        return "Asked by the form “" + form.name() + "” on “" + page + "” " + answer.came() + "." + agreed;
    }

    /** The address at which somebody confirms or leaves. */
    String address(String origin, SubscriberId id) {
        return origin + WHERE + "?token=" + URLEncoder.encode(seal.token(SEALED, id.text()), StandardCharsets.UTF_8);
    }

    /** Whose a token is that we made. */
    public Optional<Subscriber> of(SiteId site, String token) {
        return seal.opened(SEALED, token).flatMap(id -> subscribers.find(site, new SubscriberId(id)));
    }

    public void confirm(Subscriber one) {
        subscribers.confirm(one.id());
    }

    public void leave(Subscriber one) {
        subscribers.leave(one.id());
    }
}
