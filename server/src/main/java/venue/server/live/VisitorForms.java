package venue.server.live;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.springframework.stereotype.Component;
import venue.core.basics.item.Hash;
import venue.core.basics.text.Phrase;
import venue.core.body.form.BasketField;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.Filling;
import venue.core.body.form.FormNames;
import venue.core.body.form.Mistake;
import venue.core.body.form.Offer;
import venue.core.body.form.PickSettings;
import venue.core.body.form.Posted;
import venue.core.body.form.Sending;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.form.FormSettings;
import venue.core.model.page.Page;
import venue.core.show.render.View;
import venue.server.filling.AnswerWords;
import venue.server.filling.FormFacts;
import venue.server.filling.FormGuard;
import venue.server.letter.Subscribing;
import venue.server.mail.FormMail;
import venue.server.seat.Seating;
import venue.store.answer.Answer;
import venue.store.answer.Answers;
import venue.store.answer.Taking;
import venue.store.member.Member;
import venue.store.workspace.Workspace;

/**
 * Takes what visitors fill in. It is sent to the address of the page on which the form stands, so that what is wrong is said there; what is
 * taken is on the disk before it is answered.
 */
@Component
class VisitorForms {

    private final LiveSites sites;
    private final Callers callers;
    private final Walks walks;
    private final FilledPages pages;
    private final FormBodies bodies;
    private final FormFacts facts;
    private final FormGuard guard;
    private final Answers answers;
    private final FormMail mail;
    private final Seating seating;
    private final Subscribing subscribing;
    private final VisitorComments comments;
    private final RatedPages rated;
    private final FormOrigins origins;

    VisitorForms(
            LiveSites sites,
            Callers callers,
            Walks walks,
            FilledPages pages,
            FormBodies bodies,
            FormFacts facts,
            FormGuard guard,
            Answers answers,
            FormMail mail,
            Seating seating,
            Subscribing subscribing,
            VisitorComments comments,
            RatedPages rated,
            FormOrigins origins) {
        this.origins = origins;
        this.comments = comments;
        this.rated = rated;
        this.subscribing = subscribing;
        this.sites = sites;
        this.callers = callers;
        this.walks = walks;
        this.pages = pages;
        this.bodies = bodies;
        this.facts = facts;
        this.guard = guard;
        this.answers = answers;
        this.mail = mail;
        this.seating = seating;
    }

    /** Whether it is sent to an address at which pages stand. Nothing of what is sent is read for that. */
    boolean takes(Workspace workspace, Request asked) {
        return asked.getMethod().equals("POST")
                && FormBodies.isForm(asked)
                && workspace.now().release() > 0
                && !asked.getRequestURI().startsWith("/-/");
    }

    void take(Workspace workspace, Request asked, Response answer) throws IOException {
        String network = FormGuard.network(asked.getRemoteAddr());
        if (!guard.mayTry(network)) {
            answer.setHeader("Retry-After", "60");
            refuse(asked, answer, 429, "So much is sent from where you are that nothing is looked at for a minute.\n");
        } else if (!origins.isOfSite(workspace, asked)) {
            refuse(asked, answer, 403, "This form was sent by another site. Open it here, and send it again.\n");
        } else if (asked.getContentLengthLong() > FormBodies.most(asked)) {
            refuse(asked, answer, 413, "This is too much for one form.\n");
        } else if (asked.getContentLengthLong() < 0) {
            refuse(asked, answer, 411, "Send it with its length, as the page's form does.\n");
        } else {
            Map<String, List<String>> sent = bodies.read(workspace, asked, network);
            if (sent == null) {
                refuse(asked, answer, 400, "What was sent can't be read.\n");
                return;
            }
            if (sent.containsKey(FormNames.RATE)) {
                Replies.send(asked, answer, rated.rate(workspace, asked, new Posted(sent), network));
                return;
            }
            if (!sent.containsKey(FormNames.FORM)) {
                answer.setHeader("Allow", "GET, HEAD");
                refuse(asked, answer, 405, "No form of this site sends that: use GET or HEAD.\n");
                return;
            }
            SentForms.send(asked, answer, reply(workspace, asked, new Posted(sent), network));
        }
    }

    /** Nothing more of it is read. */
    private static void refuse(Request asked, Response answer, int status, String words) throws IOException {
        answer.setHeader("Connection", "close");
        SentForms.plain(asked, answer, status, words);
    }

    private CompletionStage<Reply> reply(Workspace workspace, Request asked, Posted posted, String network) {
        Optional<Walk> walk = walks.of(workspace, asked);
        Caller caller = callers.of(workspace, asked);
        LiveSite site = sites.of(workspace);
        View view = walk.map(w -> walks.view(workspace, w)).orElseGet(() -> site.view(caller));
        Optional<Page> page = FilledPages.pageAt(view, asked.getRequestURI());
        String id = posted.one(FormNames.FORM);
        Optional<Form> form = view.edition().find(Form.class, id).filter(f -> !f.retired());
        if (page.isEmpty() || form.isEmpty() || !FormUse.isOn(view.edition(), page.get(), id)) {
            return done(
                    walk.isPresent() || page.isEmpty()
                            ? site.at("/-")
                            : site.filled(view, page.get(), Sending.NOTHING, 409));
        }
        Posted known = new Posted(bodies.known(workspace.site(), form.get(), posted.values()));
        CameForm came = new CameForm(workspace, caller, site, view, page.get(), form.get(), known, network);
        String back = posted.one(FormNames.BACK);
        Optional<Sending> counted =
                Baskets.counted(came.form(), known, came.filling().typed(known));
        CompletionStage<Reply> coming = counted.isPresent()
                ? done(came.shown(counted.get(), 200))
                : walk.isPresent() ? done(tried(came)) : back.isEmpty() ? filled(came) : done(givenBack(came, back));
        return BasketField.in(came.form()).isEmpty()
                ? coming
                : coming.thenApply(r -> Baskets.keeping(asked, came.form(), known, r));
    }

    static CompletionStage<Reply> done(Reply reply) {
        return CompletableFuture.completedFuture(reply);
    }

    /** A long form goes on step by step; empty where it is sent. */
    private static Optional<Reply> onTheWay(CameForm came, Map<String, Mistake> mistakes) {
        return came.filling()
                .onTheWay(came.posted(), mistakes)
                .map(s -> came.shown(s, s.state() == Sending.State.REFUSED ? 422 : 200));
    }

    private static Reply tried(CameForm came) {
        Map<String, Mistake> mistakes = came.filling().check(came.posted()).mistakes();
        return onTheWay(came, mistakes)
                .orElseGet(() -> mistakes.isEmpty()
                        ? came.shown(Sending.sent(came.form().id(), Sending.State.TRIED), 200)
                        : came.refused(mistakes));
    }

    private CompletionStage<Reply> filled(CameForm came) {
        if (came.form().is(FormSettings.MEMBERS) && came.caller().member().isEmpty()) {
            return done(came.shown(Sending.NOTHING, 403));
        }
        Optional<Reply> said = comments.answer(came);
        if (said.isPresent()) {
            return done(said.get());
        }
        Filling filling = came.filling();
        Mistake.Found found = filling.check(came.posted());
        Optional<Reply> onTheWay = onTheWay(came, found.mistakes());
        if (onTheWay.isPresent()) {
            return done(onTheWay.get());
        }
        if (!found.mistakes().isEmpty()) {
            return done(came.refused(found.mistakes()));
        }
        if (!guard.mayTake(came.network(), came.workspace().site(), came.form().id())) {
            return done(came.later());
        }
        if (came.form().handsOn()) {
            return done(Reply.seeOther(HandedOn.address(came.view(), came.form(), found.values())));
        }
        return answers.take(comments.of(came, taking(came, filling, found)))
                .thenApply(answer -> {
                    mail.taken(came.view(), came.form(), answer, AnswerWords.told(answer));
                    subscribing.sent(came.view(), came.form(), answer);
                    return Reply.seeOther(next(came, answer));
                })
                .exceptionally(full -> full(came, filling));
    }

    /** What was there a moment ago is given, and nobody may wait; or more is sent than can be kept. */
    private static Reply full(CameForm came, Filling filling) {
        return PickSettings.counted(came.form())
                .filter(f -> !came.form().is(FormSettings.WAITING))
                .map(f -> came.shown(
                        Sending.refused(
                                came.form().id(),
                                filling.typed(came.posted()),
                                Map.of(f.key(), new Mistake(Phrase.FIELD_FULL, List.of()))),
                        409))
                .orElseGet(() -> came.later());
    }

    private Taking taking(CameForm came, Filling filling, Mistake.Found found) {
        List<Filling.Said> said = filling.said(found.values());
        Form form = came.form();
        Optional<Offer> chosen = filling.chosen(found.values());
        return new Taking(
                came.workspace().site(),
                form.id(),
                form.months(),
                VisitorComments.name(came)
                        .or(() -> FieldKinds.name(form).map(f -> first(found, f.key())))
                        .orElse(""),
                FieldKinds.email(form)
                        .map(f -> first(found, f.key()).toLowerCase(Locale.ROOT))
                        .orElse(""),
                came.caller().member().map(Member::id).map(Object::toString).orElse(null),
                came.page().id(),
                said,
                guard.whyApart(came.workspace().site(), form, came.posted(), said),
                Hash.over(form.id() + " " + came.workspace().site() + " " + came.network() + "\n"
                                + Filling.likeness(said))
                        .text(),
                chosen.flatMap(o -> Optional.ofNullable(o.seats())
                                .map(s -> new Taking.Wanted(
                                        o.id(),
                                        filling.people(found.values()),
                                        s.places(),
                                        form.is(FormSettings.WAITING))))
                        .orElse(null),
                form.hook());
    }

    private static String first(Mistake.Found found, String key) {
        return found.values().getOrDefault(key, List.of()).stream().findFirst().orElse("");
    }

    /** Where somebody goes on whose answer was taken. */
    private String next(CameForm came, Answer answer) {
        Form form = came.form();
        View view = came.view();
        return form.nextPage()
                .flatMap(view.edition()::page)
                .filter(view::leadsTo)
                .map(view::path)
                .or(() -> form.nextAddress().map(a -> HandedOn.order(a, form, answer)))
                .orElseGet(() -> pages.address(view, came.page(), answer));
    }

    private Reply givenBack(CameForm came, String token) {
        Optional<Answer> answer =
                facts.answer(token).flatMap(id -> answers.find(came.workspace().site(), id));
        if (answer.isEmpty()) {
            return came.shown(Sending.NOTHING, 410);
        }
        seating.giveBack(came.workspace().now(), answer.get());
        return Reply.seeOther(pages.address(came.view(), came.page(), answer.get()));
    }
}
