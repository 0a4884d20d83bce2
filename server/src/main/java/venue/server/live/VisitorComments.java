package venue.server.live;

import java.time.InstantSource;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.basics.item.AnswerId;
import venue.core.basics.text.Phrase;
import venue.core.body.form.Filling;
import venue.core.body.form.FormNames;
import venue.core.body.form.Mistake;
import venue.core.body.form.Sending;
import venue.core.body.trace.CommentRule;
import venue.core.show.filling.CommentRules;
import venue.server.filling.FormFacts;
import venue.server.filling.FormGuard;
import venue.server.filling.NetworkDays;
import venue.store.answer.Answer;
import venue.store.answer.Answers;
import venue.store.answer.Taking;

/** What visitors say on pages, beside what every form does: whom it answers, whether it stands, and that it should not. */
@Component
class VisitorComments {

    private final Answers answers;
    private final FormFacts facts;
    private final FormGuard guard;
    private final NetworkDays days;
    private final FilledPages pages;
    private final InstantSource clock;

    VisitorComments(
            Answers answers,
            FormFacts facts,
            FormGuard guard,
            NetworkDays days,
            FilledPages pages,
            InstantSource clock) {
        this.answers = answers;
        this.facts = facts;
        this.guard = guard;
        this.days = days;
        this.pages = pages;
        this.clock = clock;
    }

    private static CommentRule rule(CameForm came) {
        LocalDate today = came.view().localTime().toLocalDate();
        return CommentRules.of(came.view().edition(), came.page(), today);
    }

    /** What is answered where something else is done than saying something new; empty where that is taken as every form is. */
    Optional<Reply> answer(CameForm came) {
        if (came.form().commentField().isEmpty()) {
            return Optional.empty();
        }
        if (!rule(came).takes()) {
            return Optional.of(came.shown(Sending.NOTHING, 409));
        }
        if (!came.posted().one(FormNames.REPORT).isEmpty()) {
            return Optional.of(reported(came));
        }
        return Optional.of(came.posted().one(FormNames.CHANGE))
                .filter(token -> !token.isEmpty())
                .map(token -> changed(came, token));
    }

    /** Once a day from one network, whoever sits in it. */
    private Reply reported(CameForm came) {
        standing(came, came.posted().one(FormNames.REPORT)).ifPresent(answer -> {
            if (days.may(came.network(), "report " + answer.id(), 1)) {
                answers.comments().report(answer.site(), answer.id());
            }
        });
        return told(came, Phrase.COMMENT_REPORTED, 200);
    }

    private static Reply told(CameForm came, Phrase phrase, int status) {
        return came.shown(Sending.told(came.form().id(), new Mistake(phrase, List.of())), status);
    }

    private Optional<Answer> standing(CameForm came, String id) {
        return answers.find(came.workspace().site(), new AnswerId(id))
                .filter(a -> a.page().equals(came.page().id()))
                .filter(a -> a.onPage() != null && a.onPage().shown());
    }

    private Reply changed(CameForm came, String token) {
        Optional<Answer> known = facts.answer(token)
                .flatMap(id -> answers.find(came.workspace().site(), id))
                .filter(a -> a.page().equals(came.page().id())
                        && a.form().equals(came.form().id()));
        if (known.filter(a -> CommentChange.may(came.view(), a, clock.instant()))
                .isEmpty()) {
            return told(came, Phrase.COMMENT_LATE, known.isEmpty() ? 410 : 409);
        }
        Mistake.Found found = came.filling().check(came.posted());
        if (!found.mistakes().isEmpty()) {
            return came.refused(found.mistakes());
        }
        Answer answer = known.get();
        if (!guard.mayTake(came.network(), answer.site(), answer.form())) {
            return came.later();
        }
        List<Filling.Said> said = came.filling().said(found.values());
        boolean spam = guard.whyApart(answer.site(), came.form(), came.posted(), said) != null;
        answers.comments().rewrite(answer.site(), answer.id(), said, !spam && rule(came) == CommentRule.ONCE);
        return Reply.seeOther(pages.address(came.view(), came.page(), answer));
    }

    /** The same as it is taken where it is a comment. An answer to an answer is one to what that answers. */
    Taking of(CameForm came, Taking taking) {
        if (came.form().commentField().isEmpty()) {
            return taking;
        }
        AnswerId to = Optional.of(came.posted().one(FormNames.TO))
                .filter(id -> !id.isEmpty())
                .flatMap(id -> standing(came, id))
                .map(a -> a.onPage() == null || a.onPage().to() == null
                        ? a.id()
                        : a.onPage().to())
                .orElse(null);
        return taking.saying(new Taking.Said(rule(came) == CommentRule.ONCE, to));
    }

    /** A member says it under their own name, whatever was typed. */
    static Optional<String> name(CameForm came) {
        return came.form()
                .commentField()
                .flatMap(f -> came.caller().member())
                .map(m -> m.name())
                .filter(name -> !name.isBlank());
    }

    /** What was typed where somebody wants to answer a comment on a page. */
    static Sending answering(String form, String to) {
        return Sending.stepped(form, 1, Map.of(FormNames.TO, List.of(to)));
    }
}
