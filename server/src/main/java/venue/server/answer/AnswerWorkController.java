package venue.server.answer;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.AnswerId;
import venue.core.basics.text.Letters;
import venue.core.show.filling.Offering;
import venue.server.here.Here;
import venue.server.mail.FormMail;
import venue.server.seat.Seating;
import venue.store.answer.Answer;
import venue.store.answer.Answer.Place;
import venue.store.answer.Answers;
import venue.store.answer.Taking;

/** What is done with answers: their state, who works on them, notes, letters; and with the places that they have or wait for. */
@RestController
@RequestMapping("/api/sites/{site}/answers")
class AnswerWorkController {

    private static final int MOST_AT_ONCE = 1_000;
    private static final int LONGEST_NOTE = 2_000;
    private static final int LONGEST_STATE = 30;

    private final Answers answers;
    private final FormMail mail;
    private final Seating seating;

    AnswerWorkController(Answers answers, FormMail mail, Seating seating) {
        this.answers = answers;
        this.mail = mail;
        this.seating = seating;
    }

    /** Which of them. */
    record SomeAnswers(List<AnswerId> ids) {}

    /**
     * What is done about some. What is absent stays as it is.
     *
     * @param works the id of the person who works on them; empty for nobody
     * @param apart whether they are taken for spam
     * @param shown whether others read them on their page; of what is no comment, or is taken for spam, nothing is shown
     */
    record AnswerWork(
            List<AnswerId> ids,
            @Nullable String state,
            @Nullable String works,
            @Nullable String note,
            @Nullable Boolean apart,
            @Nullable Boolean shown) {}

    /** They as they are then. */
    record AnswersWorked(List<AnswerRow> rows) {

        static AnswersWorked of(List<Answer> answers) {
            return new AnswersWorked(answers.stream().map(AnswerRow::of).toList());
        }
    }

    @PostMapping("/work")
    AnswersWorked work(Here here, @RequestBody AnswerWork work) {
        List<Answer> before = known(here, work.ids());
        String note = work.note() == null ? null : fit("note", Letters.clean(work.note()), LONGEST_NOTE);
        String state = work.state() == null ? null : fit("state", Letters.line(work.state()), LONGEST_STATE);
        List<Answer> worked = answers.work(
                here.site(),
                work.ids(),
                d -> new Answer.Done(
                        state == null || state.isEmpty() ? d.state() : state.toLowerCase(Locale.ROOT),
                        work.apart() == null ? d.apart() : apart(d, work.apart()),
                        work.works() == null ? d.works() : work.works().isEmpty() ? null : work.works(),
                        note == null ? d.note() : note));
        if (work.shown() != null) {
            stand(here, worked, work.shown());
        }
        Set<AnswerId> apart = before.stream()
                .filter(a -> a.done().apart() != null)
                .map(Answer::id)
                .collect(Collectors.toSet());
        return AnswersWorked.of(worked.stream()
                .map(a -> a.done().apart() == null && apart.contains(a.id()) ? seating.letIn(here.now(), a) : a)
                .map(a -> a.onPage() == null ? a : answers.require(here.site(), a.id()))
                .toList());
    }

    private void stand(Here here, List<Answer> some, boolean shown) {
        List<AnswerId> comments = some.stream()
                .filter(a -> a.onPage() != null && a.done().apart() == null)
                .map(Answer::id)
                .toList();
        if (comments.isEmpty()) {
            throw Refusal.conflict(
                    "no-comment",
                    "ids",
                    "None of these stands on a page: they are no comments, or set apart as spam.",
                    "Choose comments, and say first that they are no spam.");
        }
        answers.comments().stand(here.site(), comments, shown);
    }

    private static @Nullable String apart(Answer.Done done, boolean apart) {
        return !apart ? null : done.apart() == null ? "It was set apart by hand." : done.apart();
    }

    private static String fit(String field, String words, int most) {
        if (words.length() > most) {
            throw Refusal.badInput(
                    "too-long", field, "This has " + words.length() + " characters; " + most + " fit.", "Shorten it.");
        }
        return words;
    }

    private List<Answer> known(Here here, List<AnswerId> ids) {
        if (ids.isEmpty() || ids.size() > MOST_AT_ONCE) {
            throw Refusal.badInput(
                    "bad-count",
                    "ids",
                    ids.isEmpty() ? "No answer is chosen." : ids.size() + " answers at once.",
                    "Choose from 1 to " + MOST_AT_ONCE + ".");
        }
        return AnswersDoor.require(
                here, ids.stream().map(id -> answers.require(here.site(), id)).toList());
    }

    /** How many were removed, for good. */
    record AnswersRemoved(int done) {}

    @PostMapping("/remove")
    AnswersRemoved remove(Here here, @RequestBody SomeAnswers some) {
        known(here, some.ids());
        here.requireManager("remove answers");
        List<Answer> gone = known(here, some.ids());
        int done = answers.remove(here.by(), here.site(), some.ids());
        gone.forEach(a -> seating.gone(here.now(), a));
        return new AnswersRemoved(done);
    }

    private Answer one(Here here, String id) {
        return known(here, List.of(new AnswerId(id))).get(0);
    }

    /** Gives somebody who waits their places all the same: outside the law, and counted apart. */
    @PostMapping("/{answer}/give")
    AnswerRow give(Here here, @PathVariable String answer) {
        here.requireManager("give places all the same");
        Answer given =
                answers.places().giveAllTheSame(here.site(), one(here, answer).id());
        seating.tell(here.now(), List.of(given));
        return AnswerRow.of(given);
    }

    /** Gives somebody's places back; who is first in line moves up. */
    @PostMapping("/{answer}/back")
    AnswerRow back(Here here, @PathVariable String answer) {
        Answer known = one(here, answer);
        Place place = known.place();
        if (place == null) {
            throw Refusal.conflict(
                    "no-place", "answer", "Nothing runs out in this form.", "There is nothing to give back.");
        }
        seating.giveBack(here.now(), known);
        return AnswerRow.of(answers.require(here.site(), known.id()));
    }

    /** To what some are moved, as another night. */
    record AnswersMoved(List<AnswerId> ids, String item) {}

    @PostMapping("/move")
    AnswersWorked move(Here here, @RequestBody AnswersMoved moved) {
        here.requireManager("move people");
        for (Answer answer : known(here, moved.ids())) {
            int places = Offering.places(here.now().live(), answer.form(), moved.item());
            Place place = answer.place();
            if (place == null || places == 0) {
                throw Refusal.badInput(
                        "no-place", "item", "There are no places to give there.", "Choose one that has places.");
            }
            seating.tell(
                    here.now(),
                    answers.places()
                            .moveTo(
                                    here.site(),
                                    answer.id(),
                                    new Taking.Wanted(moved.item(), place.people(), places, true),
                                    Offering.places(here.now().live(), answer.form(), place.item())));
        }
        List<Answer> now = known(here, moved.ids());
        now.forEach(a -> seating.tell(here.now(), List.of(a)));
        return AnswersWorked.of(now);
    }

    /** What doesn't take place. */
    record CalledOff(String form, String item) {}

    /** All who have a place of it or wait are told that it is off. */
    @PostMapping("/off")
    AnswersWorked off(Here here, @RequestBody CalledOff off) {
        here.requireManager("call something off");
        List<Answer> told = answers.places().callOff(here.site(), off.form(), off.item());
        seating.tell(here.now(), told);
        return AnswersWorked.of(told);
    }

    /** A letter to those who sent some answers; {@code {name}} in it stands for each. */
    record AnswerLetter(List<AnswerId> ids, String subject, String words) {}

    /** It is read where it was answered, so what is new is done by it. */
    @PostMapping("/write")
    AnswersWorked write(Here here, @RequestBody AnswerLetter letter) {
        List<Answer> to = known(here, letter.ids());
        if (!mail.isSetUp()) {
            throw Refusal.conflict(
                    "no-mail",
                    "mail",
                    "No letters can be sent: mail is not set up.",
                    "Set it up in venue.properties, or write from a mail program.");
        }
        if (Letters.isUnseen(letter.words()) || Letters.isUnseen(letter.subject())) {
            throw Refusal.badInput("empty", "words", "The letter says nothing.", "Write a subject and some words.");
        }
        String words = fit("words", Letters.clean(letter.words()), 10_000);
        String reply = Objects.requireNonNull(here.person()).email();
        for (Answer answer : to) {
            if (!answer.email().isEmpty()) {
                String its = words.replace("{name}", answer.who());
                mail.write(seating.view(here.now()), answer, letter.subject(), its, reply);
                answers.wrote(answer.id(), here.person().id(), Letters.line(letter.subject()), its);
            }
        }
        return AnswersWorked.of(answers.work(
                here.site(),
                letter.ids(),
                d -> d.state().equals(Answer.Done.NEW)
                        ? new Answer.Done(Answer.Done.READ, d.apart(), d.works(), d.note())
                        : d));
    }

    /** A letter that was sent. */
    record SentLetter(String at, @Nullable String by, String subject, String words) {}

    /** The letters by which an answer was answered, the first first. */
    @org.springframework.web.bind.annotation.GetMapping("/{form}/{answer}/letters")
    List<SentLetter> letters(Here here, @PathVariable String form, @PathVariable String answer) {
        AnswersDoor.require(here, form);
        return answers.letters(one(here, answer).id()).stream()
                .map(l -> new SentLetter(l.at(), l.by(), l.subject(), l.words()))
                .toList();
    }
}
