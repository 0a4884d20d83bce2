package venue.server.demo;

import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Component;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.Hash;
import venue.core.body.form.Filling;
import venue.core.body.form.Posted;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.page.Page;
import venue.core.show.render.View;
import venue.demo.DemoComment;
import venue.demo.KestrelMoor;
import venue.store.answer.Answer;
import venue.store.answer.Answers;
import venue.store.answer.Taking;
import venue.store.database.Database;
import venue.store.rating.PageRatings;
import venue.store.record.Records;
import venue.store.visit.Visits;

/**
 * What visitors of the demo have left on its pages before it was loaded: how often these were read (more on Fridays, less the deeper a page
 * lies), what was said on two articles, what the instruments were given.
 */
@Component
class DemoTraces {

    private static final int DAYS = 60;
    private static final int HOME = 64;

    private static final int MOST_RATINGS = 34;

    private final Visits visits;
    private final PageRatings ratings;
    private final Database database;
    private final Records records;
    private final InstantSource clock;

    DemoTraces(Visits visits, PageRatings ratings, Database database, Records records, InstantSource clock) {
        this.visits = visits;
        this.ratings = ratings;
        this.database = database;
        this.records = records;
        this.clock = clock;
    }

    void come(Edition live) {
        reads(live);
        live.all(Page.class).filter(p -> p.kind().equals("instrument")).forEach(page -> {
            Random chance = new Random(page.id().hashCode());
            int many = 6 + chance.nextInt(MOST_RATINGS);
            for (int i = 0; i < many; i++) {
                ratings.give(KestrelMoor.ID, page.id(), Math.min(5, 3 + chance.nextInt(4)), 1);
            }
        });
        comments(live);
    }

    private void comments(Edition live) {
        Form form = live.require(Form.class, DemoComment.FORM);
        Instant now = clock.instant();
        AtomicReference<Instant> then = new AtomicReference<>(now);
        List<AnswerId> said = new ArrayList<>();
        try (Answers answers = new Answers(database, then::get, records)) {
            for (DemoComment comment : DemoComment.all()) {
                then.set(now.minus(comment.ago()));
                AnswerId to = comment.answers() < 0 ? null : said.get(comment.answers());
                Answer taken = answers.take(
                                taking(live, form, comment, now).saying(new Taking.Said(!comment.waits(), to)))
                        .join();
                said.add(taken.id());
                String state = comment.waits() ? Answer.Done.NEW : Answer.Done.DONE;
                answers.work(KestrelMoor.ID, List.of(taken.id()), d -> new Answer.Done(state, d.apart(), null, ""));
            }
        }
    }

    private static Taking taking(Edition live, Form form, DemoComment comment, Instant now) {
        Map<String, List<String>> sent = Map.of(
                "words",
                List.of(comment.words()),
                "name",
                List.of(comment.who()),
                "email",
                List.of(comment.email()),
                "consent",
                List.of("yes"));
        Page page = live.page(comment.page()).orElseThrow();
        Filling filling =
                new Filling(form, View.of(live, now, "", View.Mode.VISITOR).offering(page, Locale.UK));
        List<Filling.Said> said = filling.said(filling.check(new Posted(sent)).values());
        return new Taking(
                KestrelMoor.ID,
                form.id(),
                form.months(),
                comment.who(),
                comment.email(),
                null,
                comment.page(),
                said,
                null,
                Hash.over("demo " + Filling.likeness(said)).text(),
                null,
                null);
    }

    private void reads(Edition live) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), live.site().zone());
        live.all(Page.class).filter(p -> live.plan().isShown(p.id())).forEach(page -> {
            Random chance = new Random(page.id().hashCode());
            int deep = live.servedAt(page).length() < 2
                    ? 0
                    : (int) live.servedAt(page).chars().filter(c -> c == '/').count();
            double usual = HOME / Math.pow(3, deep) * (0.3 + 1.4 * chance.nextDouble());
            Map<LocalDate, Visits.Day> days = new HashMap<>();
            for (int ago = 1; ago <= DAYS; ago++) {
                LocalDate day = today.minusDays(ago);
                double friday = day.getDayOfWeek().getValue() == 5 ? 2.2 : 1;
                long people = Math.round(usual * friday * (0.4 + 1.2 * chance.nextDouble()));
                if (people > 0) {
                    days.put(day, new Visits.Day(people, chance.nextInt(3)));
                }
            }
            visits.bring(KestrelMoor.ID, page.id(), days);
        });
    }
}
