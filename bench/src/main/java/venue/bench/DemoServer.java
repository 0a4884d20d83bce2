package venue.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import venue.core.basics.item.PersonId;
import venue.store.database.Database;
import venue.store.people.Person;
import venue.store.people.Persons;

/** A server with the demo, in a process of its own. */
final class DemoServer {

    static final String PASSWORD = "a-password-for-benches";

    private DemoServer() {}

    /** @param heap how much it may take, as {@code 256m} */
    static Process start(String jar, Path data, int port, String heap) throws Exception {
        return start(List.of("-jar", jar), data, port, heap);
    }

    /** @param program from the options of Java on */
    static Process start(List<String> program, Path data, int port, String heap) throws Exception {
        boolean loaded = Files.exists(data.resolve("venue.db"));
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-XX:+UseSerialGC", "-Xmx" + heap));
        command.addAll(program);
        command.addAll(List.of("demo", "--port", String.valueOf(port), "--data", data.toString()));
        command.addAll(loaded ? List.of() : List.of("--password", PASSWORD));
        Process server = new ProcessBuilder(command).redirectErrorStream(true).start();
        var lines = server.inputReader();
        for (String line = ""; !line.contains("Password"); ) {
            line = Objects.requireNonNull(lines.readLine(), "the server stopped by itself");
        }
        CompletableFuture.runAsync(() -> lines.lines().forEach(System.err::println));
        return server;
    }

    static void stop(Process server) throws InterruptedException {
        server.destroy();
        server.waitFor();
    }

    /** People {@code person0} and so on at {@code venue.example}, with the password of the demo's own. */
    static void invite(Database database, int people, boolean owners) {
        Persons persons = new Persons(database, InstantSource.system());
        String hash = persons.find(new PersonId("maja")).orElseThrow().password();
        for (int i = 0; i < people; i++) {
            persons.add(new Person(
                    new PersonId("person" + i),
                    "person" + i + "@venue.example",
                    "Person " + i,
                    hash,
                    owners,
                    false,
                    Person.State.ACTIVE,
                    "2026-01-01T00:00:00Z",
                    null));
        }
    }
}
