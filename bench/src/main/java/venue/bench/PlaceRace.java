package venue.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Filling;
import venue.store.answer.Answer;
import venue.store.answer.Answer.Stands;
import venue.store.answer.AnswerFilter;
import venue.store.answer.Answers;
import venue.store.answer.Taking;
import venue.store.database.Database;
import venue.store.record.Records;

/**
 * Visitors race for places over HTTP while the server is killed in the middle and started again: exactly as many as there are are given,
 * who was told that they have one has it, the rest wait in the order in which they came. Arguments: the server's jar, a folder. Exits
 * with 1 where something of it doesn't hold.
 */
final class PlaceRace {

    private static final SiteId MOOR = new SiteId("kestrel-moor");
    private static final String FORM = "booking-form";
    private static final String NIGHT = "orion";
    private static final String PAGE = "/book-a-place";
    private static final int OF_NIGHT = 40;
    private static final int PORT = 18_096;

    private final List<String> program;
    private final Path data;
    private final int port;
    private final Map<String, Boolean> told = new TreeMap<>();

    /** @param program how the server is begun, from the options of Java on */
    PlaceRace(List<String> program, Path data, int port) {
        this.program = program;
        this.data = data;
        this.port = port;
    }

    public static void main(String[] args) throws Exception {
        String wrong = new PlaceRace(List.of("-jar", args[0]), Path.of(args[1]), PORT).run(200, OF_NIGHT);
        System.out.println(wrong.isEmpty() ? "200 visitors, 40 places: all of it holds" : "NOT KEPT: " + wrong);
        System.exit(wrong.isEmpty() ? 0 : 1);
    }

    /** What doesn't hold; empty for nothing. */
    String run(int visitors, int places) throws Exception {
        Process first = DemoServer.start(program, data, port, "512m");
        prepare(places);
        CountDownLatch half = new CountDownLatch(visitors / 3);
        ExecutorService all = Executors.newFixedThreadPool(visitors);
        List<CompletableFuture<Void>> racing = new ArrayList<>();
        AtomicInteger lost = new AtomicInteger();
        for (int i = 0; i < visitors; i++) {
            int number = i;
            racing.add(CompletableFuture.runAsync(() -> book(number, half, lost), all));
        }
        half.await();
        first.destroyForcibly().waitFor();
        Process second = DemoServer.start(program, data, port, "512m");
        CompletableFuture.allOf(racing.toArray(CompletableFuture[]::new)).join();
        all.shutdown();
        DemoServer.stop(second);
        System.out.println(lost.get() + " sendings broke off when the server was killed, and were sent again");
        return wrong(visitors, places);
    }

    /** Leaves so many places of the night. */
    private void prepare(int places) {
        try (Database database = Database.open(data);
                Answers answers = new Answers(database, Clock.systemUTC(), new Records(database, Clock.systemUTC()))) {
            database.write(() -> database.sql()
                    .sql("delete from answer where item = :night")
                    .param("night", NIGHT)
                    .update());
            int taken = OF_NIGHT - places;
            if (taken > 0) {
                List<Filling.Said> said = List.of(new Filling.Said("night", "Which night?", "pick", NIGHT, NIGHT));
                Taking.Wanted wanted = new Taking.Wanted(NIGHT, taken, OF_NIGHT, true);
                answers.take(new Taking(MOOR, FORM, 12, "", "", null, "book", said, null, "before", wanted, null))
                        .join();
            }
        }
    }

    /** Sends until it is answered: the same words once more are answered as the first were. */
    private void book(int number, CountDownLatch half, AtomicInteger lost) {
        Sender sender = new Sender(port, number);
        Map<String, String> form = new TreeMap<>(Map.of(
                "-form",
                FORM,
                "night",
                NIGHT,
                "people",
                "1",
                "name",
                "Visitor " + number,
                "email",
                "visitor" + number + "@moor-post.example",
                "consent",
                "yes"));
        while (true) {
            try {
                form.putIfAbsent("-stamp", sender.stamp(PAGE));
                Sender.Said said = sender.post(PAGE, form);
                if (said.status() == 303) {
                    boolean has = sender.get(said.leads()).whole().contains("You have a place");
                    synchronized (told) {
                        told.put("visitor" + number + "@moor-post.example", has);
                    }
                    half.countDown();
                    return;
                }
                throw new IllegalStateException("answered with " + said.status());
            } catch (IOException gone) {
                lost.incrementAndGet();
                pause();
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private String wrong(int visitors, int places) {
        try (Database database = Database.open(data);
                Answers answers = new Answers(database, Clock.systemUTC(), new Records(database, Clock.systemUTC()))) {
            List<Answer> all = answers.list(
                    MOOR,
                    new AnswerFilter(
                            FORM, AnswerFilter.Which.ALL, null, NIGHT, "visitor", null, AnswerFilter.Order.OLDEST),
                    0,
                    visitors * 2);
            long given = all.stream().filter(a -> stands(a) == Stands.PLACE).count();
            boolean order = all.stream().limit(places).allMatch(a -> stands(a) == Stands.PLACE);
            long otherwise = all.stream()
                    .filter(a -> told.getOrDefault(a.email(), false) != (stands(a) == Stands.PLACE))
                    .count();
            String seen =
                    "%d answers of %d visitors, %d places given of %d, %d told otherwise, first come first served: %s"
                            .formatted(all.size(), visitors, given, places, otherwise, order);
            System.out.println(seen);
            return all.size() == visitors && given == places && otherwise == 0 && order ? "" : seen;
        }
    }

    private static Stands stands(Answer answer) {
        Answer.Place place = answer.place();
        return place == null ? Stands.OFF : place.stands();
    }
}
