package venue.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import venue.store.database.Database;

/**
 * What a letter to 10,000 readers costs: the rate at which visitors get pages while it goes out, beside the rate before; and what memory
 * the server holds at its end beside its middle. The letters go to a stand-in for a mail server. Arguments: the server's jar, a folder.
 * Exits with 1 where a bound is not kept.
 */
final class LettersBench {

    private static final int PORT = 18_098;
    private static final int READERS = 10_000;
    private static final int A_MINUTE = 6_000;
    private static final String LETTERS = "/api/sites/kestrel-moor/letters";
    private static final int SECONDS = 12;
    private static boolean kept = true;

    private LettersBench() {}

    public static void main(String[] args) throws Exception {
        Path data = Path.of(args[1]);
        List<String> program = List.of("-jar", args[0]);
        AtomicInteger taken = new AtomicInteger();
        try (ServerSocket mail = new ServerSocket(0, 50, InetAddress.getLoopbackAddress())) {
            Thread desk = new Thread(() -> serve(mail, taken));
            desk.setDaemon(true);
            desk.start();
            DemoServer.stop(DemoServer.start(program, data, PORT, "256m"));
            people(data);
            Files.writeString(
                    data.resolve("venue.properties"),
                    "mail-host = 127.0.0.1\nmail-port = " + mail.getLocalPort() + "\nmail-tls = none\n");
            Process server = DemoServer.start(program, data, PORT, "256m");
            try {
                letter(server, taken);
            } finally {
                DemoServer.stop(server);
            }
        }
        System.exit(kept ? 0 : 1);
    }

    private static void said(String what, String asked, String seen, boolean is) {
        kept &= is;
        System.out.printf("%-58s asked %-16s seen %-26s %s%n", what, asked, seen, is ? "" : "NOT KEPT");
    }

    private static void people(Path data) {
        try (Database database = Database.open(data)) {
            database.write(() -> database.sql()
                    .sql("""
                            insert into subscriber (id, site, list, email, stands, proof, asked, written, since)
                            with recursive n(i) as (select 1 union all select i + 1 from n where i < :many)
                            select 'bench' || i, 'kestrel-moor', 'letters-form', 'reader' || i || '@post.example', 'IN', 'Bench', :at, :at, :at from n
                            """)
                    .param("many", READERS)
                    .param("at", "2026-01-01T00:00:00Z")
                    .update());
        }
    }

    private static void letter(Process server, AtomicInteger taken) throws Exception {
        Window maja = new Window(PORT, "maja@kestrel-moor.example");
        String letter = maja.post(
                LETTERS, "{\"list\":\"letters-form\",\"subject\":\"To all\",\"lead\":\"\",\"page\":\"visit\"}");
        String at = LETTERS + "/" + letter.replaceAll("(?s).*\"row\":\\{\"id\":\"([^\"]+)\".*", "$1");
        maja.post(at + "/pace", "{\"rate\":" + A_MINUTE + "}");
        rate(SECONDS);
        List<Double> alone = new ArrayList<>(List.of(rate(SECONDS), rate(SECONDS)));
        maja.post(at + "/send", "{}");
        List<Double> beside = new ArrayList<>();
        List<Long> memory = new ArrayList<>();
        long began = System.nanoTime();
        while (taken.get() < READERS && System.nanoTime() - began < TimeUnit.MINUTES.toNanos(10)) {
            double now = rate(SECONDS);
            if (taken.get() < READERS) {
                beside.add(now);
                memory.add(held(server));
            }
        }
        double seconds = (System.nanoTime() - began) / 1e9;
        said(
                "letters taken by the mail server",
                String.valueOf(READERS),
                taken + " in %.0f s".formatted(seconds),
                taken.get() >= READERS);
        double ratio = median(beside) / median(alone);
        said(
                "pages a second while they go out",
                "≥ 0.80",
                "%.2f (%d windows)".formatted(ratio, beside.size()),
                ratio >= 0.8);
        double grown = (double) memory.get(memory.size() - 1) / memory.get(memory.size() / 3);
        said(
                "memory at the end beside after a third",
                "≤ 1.10",
                "%.2f (%d MB)".formatted(grown, memory.get(memory.size() - 1) >> 10),
                grown <= 1.1);
    }

    private static double median(List<Double> all) {
        return Median.of(all.stream().mapToDouble(d -> d).toArray());
    }

    /** What the process holds, in KiB. */
    private static long held(Process server) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + server.pid() + "/status")).stream()
                .filter(l -> l.startsWith("VmRSS"))
                .map(l -> Long.parseLong(l.replaceAll("\\D", "")))
                .findFirst()
                .orElse(0L);
    }

    /** Pages a second that two visitors get. */
    private static double rate(int seconds) throws InterruptedException {
        AtomicInteger pages = new AtomicInteger();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        ExecutorService visitors = Executors.newFixedThreadPool(2);
        for (int i = 0; i < 2; i++) {
            int number = i;
            visitors.execute(() -> {
                Sender visitor = new Sender(PORT, 100 + number);
                while (System.nanoTime() < until) {
                    try {
                        visitor.get("/visit");
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                    pages.incrementAndGet();
                }
            });
        }
        visitors.shutdown();
        visitors.awaitTermination(seconds + 30L, TimeUnit.SECONDS);
        return pages.get() / (double) seconds;
    }

    private static void serve(ServerSocket mail, AtomicInteger taken) {
        while (!mail.isClosed()) {
            try {
                Socket one = mail.accept();
                Thread talk = new Thread(() -> talk(one, taken));
                talk.setDaemon(true);
                talk.start();
            } catch (IOException closed) {
                return;
            }
        }
    }

    /** As much of SMTP (RFC 5321) as it takes to be handed letters. */
    private static void talk(Socket one, AtomicInteger taken) {
        try (one;
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(one.getInputStream(), StandardCharsets.ISO_8859_1));
                Writer out = new OutputStreamWriter(one.getOutputStream(), StandardCharsets.US_ASCII)) {
            say(out, "220 bench");
            boolean reads = false;
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                if (reads) {
                    if (line.equals(".")) {
                        reads = false;
                        taken.incrementAndGet();
                        say(out, "250 taken");
                    }
                } else if (line.startsWith("DATA")) {
                    reads = true;
                    say(out, "354 go on");
                } else if (line.startsWith("QUIT")) {
                    say(out, "221 bye");
                    return;
                } else {
                    say(out, "250 ok");
                }
            }
        } catch (IOException gone) {
            // The server has closed its line.
        }
    }

    private static void say(Writer out, String line) throws IOException {
        out.write(line + "\r\n");
        out.flush();
    }
}
