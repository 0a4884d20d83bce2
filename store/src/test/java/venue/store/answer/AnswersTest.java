package venue.store.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.time.GivenClock;
import venue.core.body.form.Filling;
import venue.core.body.form.Given;
import venue.store.answer.Answer.Stands;
import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Records;
import venue.store.upkeep.Outdated;
import venue.store.workspace.Workspaces;

/** What visitors send is kept once, places are given once, and what is over goes by itself. */
class AnswersTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final Instant NOON = Instant.parse("2026-11-25T12:00:00Z");
    private static final By MAJA = new By(null, "127.0.0.1");

    @TempDir
    Path folder;

    private final GivenClock clock = new GivenClock(NOON);
    private Database database;
    private Answers answers;

    @BeforeEach
    void open() {
        database = Database.open(folder);
        answers = new Answers(database, clock, new Records(database, clock));
        new Workspaces(database, clock, new Random(1)).begin(YARD, new PersonId("ines"), List.of());
    }

    @AfterEach
    void close() {
        answers.close();
        database.close();
    }

    private static Taking taking(String who, String words, Taking.Wanted wanted) {
        List<Filling.Said> said = List.of(new Filling.Said("words", "What", "lines", words, words));
        return new Taking(
                YARD, "book", 1, who, who + "@moor.example", null, "visit", said, null, who + words, wanted, null);
    }

    private Answer book(String who, int people, int places) {
        return answers.take(taking(who, "A place", new Taking.Wanted("saturn", people, places, true)))
                .join();
    }

    private Answer.Place place(Answer answer) {
        return answers.require(YARD, answer.id()).place();
    }

    @Test
    void theSameWordsAreTakenOnceAndAnAnswerKeepsWhatItWasAsked() {
        Answer first = answers.take(taking("ada", "100% wool_!", null)).join();
        assertThat(answers.take(taking("ada", "100% wool_!", null)).join()).isEqualTo(first);
        clock.set(NOON.plus(Answers.ALIKE).plusSeconds(1));
        assertThat(answers.take(taking("ada", "100% wool_!", null)).join().number())
                .isEqualTo(2);
        assertThat(first.said()).extracting(Filling.Said::label).containsExactly("What");
        AnswerFilter words = new AnswerFilter(
                "book", AnswerFilter.Which.ALL, null, null, "100% wool_!", null, AnswerFilter.Order.NEWEST);
        assertThat(answers.count(YARD, words)).isEqualTo(2);
        assertThat(answers.list(
                        YARD,
                        new AnswerFilter(
                                null, AnswerFilter.Which.OPEN, "new", null, "_0%", null, AnswerFilter.Order.OLDEST),
                        0,
                        9))
                .isEmpty();

        answers.work(YARD, List.of(first.id()), d -> new Answer.Done("done", null, "maja", "Rang back"));
        assertThat(answers.counts(YARD))
                .isEqualTo(Map.of(
                        "book",
                        new Answers.Counts(
                                1,
                                1,
                                2,
                                0,
                                0,
                                0,
                                NOON.plus(Answers.ALIKE).plusSeconds(1).toString())));
        answers.work(YARD, List.of(first.id()), d -> new Answer.Done("done", "links", null, ""));
        assertThat(answers.list(
                        YARD,
                        new AnswerFilter(
                                "book", AnswerFilter.Which.APART, null, null, "", null, AnswerFilter.Order.NAME),
                        0,
                        9))
                .extracting(Answer::id)
                .containsExactly(first.id());
        assertThat(answers.of(YARD, "ada@moor.example")).hasSize(2);
        List<SiteId> told = new ArrayList<>();
        answers.onChange(told::add);
        assertThat(answers.remove(MAJA, YARD, List.of(first.id(), new AnswerId("none"))))
                .isEqualTo(1);
        assertThat(told).as("other windows learn of it").containsExactly(YARD);
        clock.set(NOON.plus(Duration.ofDays(32)));
        assertThat(new Outdated(database, clock).remove()).containsEntry("answer of a visitor", 1);
        assertThat(answers.counts(YARD)).isEmpty();
    }

    @Test
    void placesAreGivenInOrderAndComeFreeForTheFirstInLine() {
        Answer ada = book("ada", 3, 4);
        Answer ben = book("ben", 2, 4);
        Answer cem = book("cem", 1, 4);
        assertThat(List.of(place(ada).stands(), place(ben).stands(), place(cem).stands()))
                .containsExactly(Stands.PLACE, Stands.WAITS, Stands.WAITS);
        assertThat(place(cem).line()).isEqualTo(2);
        assertThat(answers.places().given(YARD, "book")).isEqualTo(Map.of("saturn", new Given.Count(3, 0, 2)));

        assertThat(answers.places().giveBack(YARD, ada.id(), 4))
                .extracting(Answer::id)
                .containsExactly(ben.id(), cem.id());
        assertThat(answers.places().giveBack(YARD, ada.id(), 4)).isEmpty();
        assertThat(place(ada).stands()).isEqualTo(Stands.BACK);
        Answer dee = book("dee", 2, 4);
        Answer eli = book("eli", 1, 4);
        assertThat(answers.places().giveAllTheSame(YARD, dee.id()).place().over())
                .isTrue();
        assertThatThrownBy(() -> answers.places().giveAllTheSame(YARD, dee.id()))
                .isInstanceOf(Refusal.class);
        assertThat(answers.places().given(YARD, "book").get("saturn")).isEqualTo(new Given.Count(5, 2, 1));
        // What managers gave stands outside the law: the first in line has the one that is free by it.
        assertThat(answers.places().moveUp(YARD, "book", "saturn", 4))
                .extracting(Answer::id)
                .containsExactly(eli.id());
        assertThat(answers.places().moveTo(YARD, eli.id(), new Taking.Wanted("orion", 1, 40, true), 4))
                .isEmpty();
        assertThat(place(eli).item()).isEqualTo("orion");
        assertThat(answers.places().callOff(YARD, "book", "saturn"))
                .extracting(a -> a.place().stands())
                .hasSize(3)
                .containsOnly(Stands.OFF);
        CompletableFuture<Answer> none = answers.take(taking("fay", "x", new Taking.Wanted("orion", 40, 40, false)));
        assertThatThrownBy(none::join).hasCauseInstanceOf(Refusal.class);
    }

    @Test
    void manyAtOnceHaveAsManyPlacesAsThereAre() {
        List<CompletableFuture<Answer>> all = new ArrayList<>();
        IntStream.range(0, 300).parallel().forEach(i -> {
            CompletableFuture<Answer> one =
                    answers.take(taking("v" + i, "me", new Taking.Wanted("saturn", 1, 40, true)));
            synchronized (all) {
                all.add(one);
            }
        });
        List<Answer> kept = all.stream()
                .map(CompletableFuture::join)
                .sorted(Comparator.comparing(Answer::number))
                .toList();
        assertThat(kept)
                .extracting(Answer::number)
                .containsExactlyElementsOf(IntStream.rangeClosed(1, 300).boxed().toList());
        assertThat(kept.subList(0, 40)).allMatch(a -> a.place().stands() == Stands.PLACE);
        assertThat(kept.subList(40, 300)).allMatch(a -> a.place().stands() == Stands.WAITS);
        assertThat(kept.get(299).place().line()).isEqualTo(260);
    }

    /** The law: what was let through and not taken off, set apart or removed since stands on its page; and is counted there. */
    @Test
    void aCommentStandsFromWhenItWasLetThroughUntilItIsTakenOff() {
        Random chance = new Random(39);
        List<Answer> all = new ArrayList<>();
        Map<AnswerId, Boolean> law = new HashMap<>();
        List<String> told = new ArrayList<>();
        answers.comments().onChange((site, page) -> told.add(page));
        for (int i = 0; i < 300; i++) {
            int deed = all.isEmpty() ? 0 : chance.nextInt(6);
            if (deed < 2) {
                boolean once = chance.nextBoolean();
                AnswerId to = all.isEmpty()
                        ? null
                        : all.get(chance.nextInt(all.size())).id();
                Answer taken = answers.take(
                                taking("who" + i, "Words " + i, null).saying(new Taking.Said(once, to)))
                        .join();
                all.add(taken);
                law.put(taken.id(), once);
                continue;
            }
            AnswerId one = all.get(chance.nextInt(all.size())).id();
            if (!law.containsKey(one)) {
                continue;
            }
            switch (deed) {
                case 2 -> {
                    boolean shown = chance.nextBoolean();
                    answers.comments().stand(YARD, List.of(one), shown);
                    law.put(one, shown);
                }
                case 3 -> {
                    answers.work(YARD, List.of(one), d -> new Answer.Done("new", "spam", null, ""));
                    answers.work(YARD, List.of(one), d -> new Answer.Done("new", null, null, ""));
                    law.put(one, false);
                }
                case 4 -> {
                    answers.remove(MAJA, YARD, List.of(one));
                    law.remove(one);
                }
                default -> {
                    boolean shown = chance.nextBoolean();
                    List<Filling.Said> said = List.of(new Filling.Said("words", "What", "lines", "Else", "Else " + i));
                    answers.comments().rewrite(YARD, one, said, shown);
                    law.put(one, shown);
                    assertThat(answers.require(YARD, one).onPage().edited()).isTrue();
                    assertThat(answers.require(YARD, one).said()).isEqualTo(said);
                }
            }
            List<AnswerId> standing = all.stream()
                    .map(Answer::id)
                    .filter(id -> law.getOrDefault(id, false))
                    .toList();
            assertThat(answers.comments().on(YARD, "visit", 1_000))
                    .extracting(Answer::id)
                    .isEqualTo(standing);
            assertThat(answers.comments().counts(YARD).getOrDefault("visit", 0)).isEqualTo(standing.size());
            assertThat(answers.counts(YARD).get("book").held()).isEqualTo(law.size() - standing.size());
        }
        assertThat(told).isNotEmpty().containsOnly("visit");
        AnswerId one = answers.comments().newest(YARD, 1).get(0).id();
        answers.comments().report(YARD, one);
        assertThat(answers.require(YARD, one).onPage().reported()).isEqualTo(1);
        assertThat(answers.count(
                        YARD,
                        new AnswerFilter(
                                "book", AnswerFilter.Which.REPORTED, null, null, "", null, AnswerFilter.Order.NEWEST)))
                .isEqualTo(1);
        answers.comments().stand(YARD, List.of(one), true);
        assertThat(answers.require(YARD, one).onPage().reported())
                .as("looked at")
                .isZero();
    }
}
