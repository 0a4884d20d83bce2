package venue.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import venue.store.database.Database;

/**
 * What forms cost: how many are taken a second, what a refused one costs beside a page written anew, what a bot that sends 50,000 a
 * minute costs others and leaves in the database, and what 100,000 answers that are kept cost an edit and whoever looks at them.
 * Arguments: the server's jar, a folder. Exits with 1 where a bound is not kept.
 */
final class FormsBench {

    private static final int PORT = 18_097;
    private static final String PAGE = "/contact";
    private static final String FORM = "contact-form";
    /** A form takes 5,000 within ten minutes. */
    private static final int WARM = 2_300;

    private static final int TAKEN = 800;
    private static final int AT_ONCE = 64;
    private static final int KEPT = 100_000;
    private static boolean kept = true;

    private FormsBench() {}

    public static void main(String[] args) throws Exception {
        Path data = Path.of(args[1]);
        List<String> program = List.of("-jar", args[0]);
        Process server = DemoServer.start(program, data, PORT, "512m");
        try {
            taken();
            refused();
            bot();
        } finally {
            DemoServer.stop(server);
        }
        many(program, data);
        System.exit(kept ? 0 : 1);
    }

    private static void said(String what, String asked, String seen, boolean is) {
        kept &= is;
        System.out.printf("%-58s asked %-16s seen %-26s %s%n", what, asked, seen, is ? "" : "NOT KEPT");
    }

    private static Map<String, String> form(Sender sender, String stamp, String words) {
        Map<String, String> form = new TreeMap<>();
        form.put("-form", FORM);
        form.put("-stamp", stamp);
        form.put("name", "Visitor");
        form.put("email", "visitor@moor-post.example");
        form.put("words", words);
        form.put("consent", "yes");
        return form;
    }

    /** From as many addresses as there are limits for; by a server that has run for a while. */
    private static void taken() throws Exception {
        String stamp = new Sender(PORT, 0).stamp(PAGE);
        send(WARM, 40_000, stamp);
        List<Double> rates = new ArrayList<>();
        int done = 0;
        for (int round = 0; round < 3; round++) {
            long began = System.nanoTime();
            int some = send(TAKEN, round * TAKEN / 10, stamp);
            rates.add(some / ((System.nanoTime() - began) / 1e9));
            done += some;
        }
        double rate = Median.of(rates.stream().mapToDouble(r -> r).toArray());
        said(
                "sendings taken a second, each on the disk first",
                "≥ 500",
                Math.round(rate) + " (" + done + ")",
                rate >= 500);
    }

    private static int send(int many, int from, String stamp) throws Exception {
        AtomicInteger done = new AtomicInteger();
        AtomicInteger next = new AtomicInteger();
        ExecutorService all = Executors.newFixedThreadPool(AT_ONCE);
        for (int i = 0; i < AT_ONCE; i++) {
            all.execute(() -> {
                for (int n = next.getAndIncrement(); n < many; n = next.getAndIncrement()) {
                    done.addAndGet(sent(new Sender(PORT, from + n / 10), stamp, "Words " + from + " " + n) ? 1 : 0);
                }
            });
        }
        all.shutdown();
        all.awaitTermination(10, TimeUnit.MINUTES);
        return done.get();
    }

    private static boolean sent(Sender sender, String stamp, String words) {
        return quietly(() -> sender.post(PAGE, form(sender, stamp, words))).status() == 303;
    }

    /** Beside the same page as it stands after a sending, which is written anew each time. */
    private static void refused() throws Exception {
        String stamp = new Sender(PORT, 0).stamp(PAGE);
        Sender one = new Sender(PORT, 30_000);
        String anew = one.post(PAGE, form(one, stamp, "Written anew")).leads();
        List<Double> ratios = new ArrayList<>();
        for (int round = 0; round < 5; round++) {
            int base = 30_001 + round * 10;
            double page = Median.of(60, i -> {}, i -> quietly(() -> new Sender(PORT, 1).get(anew)));
            double refused = Median.of(
                    60,
                    i -> {},
                    i -> quietly(() -> {
                        Sender sender = new Sender(PORT, base + i / 30);
                        return sender.post(PAGE, Map.of("-form", FORM, "-stamp", stamp, "email", "no address"));
                    }));
            ratios.add(refused / page);
        }
        double ratio = Median.of(ratios.stream().mapToDouble(r -> r).toArray());
        said("a refused sending beside a page written anew", "≤ 3 times", "%.2f".formatted(ratio), ratio <= 3);
    }

    private interface Asking {
        Sender.Said ask() throws IOException;
    }

    private static Sender.Said quietly(Asking asking) {
        try {
            return asking.ask();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Others' rate beside a bot that sends some 833 a second from one network, by turns with none. */
    private static void bot() throws Exception {
        rate(3);
        List<Double> ratios = new ArrayList<>();
        int sent = 0;
        for (int round = 0; round < 3; round++) {
            double alone = rate(5);
            AtomicBoolean on = new AtomicBoolean(true);
            AtomicInteger times = new AtomicInteger();
            Thread bot = new Thread(() -> flood(on, times));
            bot.start();
            double beside = rate(5);
            on.set(false);
            bot.join();
            sent += times.get();
            ratios.add(beside / alone);
        }
        double ratio = Median.of(ratios.stream().mapToDouble(r -> r).toArray());
        said(
                "others' rate beside a bot (" + sent / 15 * 60 + " sendings a minute)",
                "≥ 0.80",
                "%.2f".formatted(ratio),
                ratio >= 0.8);
    }

    private static void flood(AtomicBoolean on, AtomicInteger times) {
        Sender bot = new Sender(PORT, 60_000);
        long began = System.nanoTime();
        while (on.get()) {
            quietly(() -> bot.post(PAGE, form(bot, "", "Buy " + times.get())));
            long due = began + times.incrementAndGet() * 1_200_000L;
            long wait = due - System.nanoTime();
            if (wait > 0) {
                java.util.concurrent.locks.LockSupport.parkNanos(wait);
            }
        }
    }

    /** Pages a second that four visitors get. */
    private static double rate(int seconds) throws Exception {
        AtomicInteger pages = new AtomicInteger();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        List<Thread> visitors = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            int number = i;
            Thread thread = new Thread(() -> {
                Sender visitor = new Sender(PORT, 100 + number);
                while (System.nanoTime() < until) {
                    quietly(() -> visitor.get("/visit"));
                    pages.incrementAndGet();
                }
            });
            thread.start();
            visitors.add(thread);
        }
        for (Thread thread : visitors) {
            thread.join();
        }
        return pages.get() / (double) seconds;
    }

    private static void many(List<String> program, Path data) throws Exception {
        double none = edit(program, data, "none");
        try (Database database = Database.open(data)) {
            int fromBot = database.sql()
                    .sql("select count(*) from answer where words like '%Buy %'")
                    .query(Integer.class)
                    .single();
            said("answers that the bot left", "≤ 20 in ten minutes", String.valueOf(fromBot), fromBot <= 40);
            database.write(() -> database.sql().sql("""
                            insert into answer (id, site, form, number, came, until, who, email, page, said, words, likeness)
                            with recursive n(i) as (select 1 union all select i + 1 from n where i < :many)
                            select 'kept' || i, site, form, 1000000 + i, came, '2099-01-01T00:00:00Z', who, email, page, said, words, 'kept' || i
                            from n, (select * from answer where form = 'contact-form' and apart is null order by number limit 1)
                            """).param("many", KEPT).update());
        }
        double all = edit(program, data, "100,000");
        said(
                "an edit with 100,000 answers beside one with few",
                "≤ 1.2 times",
                "%.2f".formatted(all / none),
                all / none <= 1.2);
    }

    private static double edit(List<String> program, Path data, String many) throws Exception {
        Process server = DemoServer.start(program, data, PORT, "512m");
        try {
            Window maja = new Window(PORT, "maja@kestrel-moor.example");
            maja.commands();
            double edit = maja.commands();
            String rows = "/api/sites/kestrel-moor/answers/contact-form";
            double first = Median.of(9, i -> {}, i -> maja.get(rows));
            double forms = Median.of(9, i -> {}, i -> maja.get("/api/sites/kestrel-moor/answers"));
            said(
                    "the first rows of Answers, " + many + " kept",
                    "≤ 300 ms",
                    "%.0f + %.0f ms".formatted(forms, first),
                    forms + first <= 300);
            return edit;
        } finally {
            DemoServer.stop(server);
        }
    }
}
