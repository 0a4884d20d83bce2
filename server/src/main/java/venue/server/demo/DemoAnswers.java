package venue.server.demo;

import java.time.Instant;
import java.time.InstantSource;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;
import venue.core.basics.item.Hash;
import venue.core.basics.time.GivenClock;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.Filling;
import venue.core.body.form.Posted;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.show.filling.Offering;
import venue.core.show.render.View;
import venue.demo.KestrelMoor;
import venue.demo.VisitorAnswer;
import venue.store.answer.Answer;
import venue.store.answer.Answers;
import venue.store.answer.Taking;
import venue.store.database.Database;
import venue.store.record.Records;

/** What visitors of the demo have sent before it was loaded: taken by the same law, at the time at which it came. */
@Component
class DemoAnswers {

    private final Database database;
    private final Records records;
    private final InstantSource clock;

    DemoAnswers(Database database, Records records, InstantSource clock) {
        this.database = database;
        this.records = records;
        this.clock = clock;
    }

    void come(Edition live) {
        Instant now = clock.instant();
        GivenClock then = new GivenClock(now);
        try (Answers answers = new Answers(database, then, records)) {
            VisitorAnswer.all().stream()
                    .sorted(Comparator.comparing(VisitorAnswer::ago).reversed())
                    .forEach(given -> {
                        then.set(now.minus(given.ago()));
                        Answer taken = answers.take(taking(live, given, now)).join();
                        answers.work(
                                KestrelMoor.ID,
                                List.of(taken.id()),
                                d -> new Answer.Done(
                                        given.state(),
                                        d.apart(),
                                        null,
                                        given.apart().isEmpty() ? given.note() : ""));
                    });
        }
    }

    private static Taking taking(Edition live, VisitorAnswer given, Instant now) {
        Form form = live.require(Form.class, given.form());
        View view = View.of(live, now, "", View.Mode.VISITOR);
        Offering offering = view.offering(live.page(given.page()).orElseThrow(), Locale.UK);
        Map<String, List<String>> sent = given.sent(offering.today());
        Filling filling = new Filling(form, offering);
        Map<String, List<String>> values = filling.check(new Posted(sent)).values();
        List<Filling.Said> said = filling.said(values);
        return new Taking(
                KestrelMoor.ID,
                form.id(),
                form.months(),
                first(sent, FieldKinds.name(form).orElseThrow().key()),
                first(sent, FieldKinds.email(form).orElseThrow().key()),
                null,
                given.page(),
                said,
                given.apart().isEmpty() ? null : given.apart(),
                Hash.over("demo " + Filling.likeness(said)).text(),
                filling.chosen(values)
                        .flatMap(o -> Offering.places(live, form, o.page())
                                .map(places -> new Taking.Wanted(o.id(), filling.people(values), places, true)))
                        .orElse(null),
                null);
    }

    private static String first(Map<String, List<String>> sent, String key) {
        return sent.getOrDefault(key, List.of("")).get(0);
    }
}
