package venue.server.seat;

import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.body.form.Filling;
import venue.core.body.form.PickSettings;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.form.FormSettings;
import venue.core.show.filling.Offering;
import venue.core.show.render.View;
import venue.server.filling.AnswerWords;
import venue.server.letter.Subscribing;
import venue.server.mail.FormMail;
import venue.server.proof.WorkingView;
import venue.store.answer.Answer;
import venue.store.answer.Answer.Place;
import venue.store.answer.Answers;
import venue.store.answer.FormCalls;
import venue.store.answer.Places;
import venue.store.answer.Taking;
import venue.store.workspace.Standing;

/** Lets who is first in line move up wherever places come free, and tells them. */
@Component
public class Seating {

    private final Answers answers;
    private final FormMail mail;
    private final WorkingView looks;
    private final FormCalls calls;
    private final InstantSource clock;
    private final Subscribing subscribing;

    Seating(
            Answers answers,
            FormMail mail,
            WorkingView looks,
            FormCalls calls,
            InstantSource clock,
            Subscribing subscribing) {
        this.subscribing = subscribing;
        this.calls = calls;
        this.clock = clock;
        this.answers = answers;
        this.mail = mail;
        this.looks = looks;
    }

    /** Tells some how they stand now. */
    public void tell(Standing now, List<Answer> some) {
        some.forEach(a -> now.live()
                .find(Form.class, a.form())
                .or(() -> now.working().find(Form.class, a.form()))
                .ifPresent(f -> mail.movedUp(view(now), f, a, AnswerWords.told(a))));
    }

    /** As visitors see the site: what letters lead to. */
    public View view(Standing now) {
        return looks.of(now, now.live(), View.Mode.VISITOR);
    }

    /** Gives somebody's places back; who is first in line has them then. */
    public void giveBack(Standing now, Answer answer) {
        Place place = answer.place();
        if (place != null) {
            int places = Offering.places(now.live(), answer.form(), place.item());
            tell(now, answers.places().giveBack(now.site(), answer.id(), places));
        }
    }

    /** An answer is gone: who is first in line has its places. */
    public void gone(Standing now, Answer answer) {
        Place place = answer.place();
        if (place != null) {
            moveUp(now, new Places.WaitedFor(answer.form(), place.item()));
        }
    }

    /** Those who wait for what there is more of now, as after a release, have it. */
    public void lookAt(Standing now) {
        answers.places().waitedFor(now.site()).forEach(w -> moveUp(now, w));
    }

    /** What was set apart is no spam: it stands in line as what comes now, letters go out, and it is handed on. */
    public Answer letIn(Standing now, Answer apart) {
        Optional<Form> form = now.live().find(Form.class, apart.form());
        if (form.isEmpty()) {
            return apart;
        }
        Answer answer = apart.place() == null
                ? wanted(now.live(), form.get(), apart)
                        .map(w -> answers.places().enter(now.site(), apart.id(), w))
                        .orElse(apart)
                : apart;
        mail.taken(view(now), form.get(), answer, AnswerWords.told(answer));
        subscribing.sent(view(now), form.get(), answer);
        if (form.get().hook() != null) {
            calls.handOn(answer, form.get().hook(), clock.instant());
        }
        return answer;
    }

    private static Optional<Taking.Wanted> wanted(Edition live, Form form, Answer answer) {
        return PickSettings.counted(form)
                .map(f -> said(answer, f.key()))
                .filter(item -> Offering.places(live, form.id(), item) > 0)
                .map(item -> {
                    int many = Filling.people(said(answer, form.said(FormSettings.PEOPLE)));
                    return new Taking.Wanted(item, many, Offering.places(live, form.id(), item), true);
                });
    }

    private static String said(Answer answer, String key) {
        return answer.said().stream()
                .filter(s -> s.key().equals(key))
                .map(Filling.Said::value)
                .findFirst()
                .orElse("");
    }

    private void moveUp(Standing now, Places.WaitedFor what) {
        Edition live = now.live();
        int places = Offering.places(live, what.form(), what.item());
        tell(now, answers.places().moveUp(now.site(), what.form(), what.item(), places));
    }
}
