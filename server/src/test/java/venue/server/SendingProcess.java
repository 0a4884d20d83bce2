package venue.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Path;
import java.time.InstantSource;
import venue.core.live.delivery.Layout;
import venue.server.app.FolderParts;
import venue.store.database.Database;
import venue.store.delivery.Deliveries;

/** Sends a site to object storage in a process of its own, which can be killed the hard way. */
final class SendingProcess {

    private SendingProcess() {}

    /** Runs until so many steps were done, or until it ends by itself. */
    static void killed(FolderParts parts, int port, String address, int steps)
            throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        SendingProcess.class.getName(),
                        parts.path().toString(),
                        String.valueOf(port),
                        address)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (BufferedReader out = process.inputReader()) {
            int done = 0;
            for (String line = out.readLine(); line != null && done < steps; line = out.readLine()) {
                done += line.equals("step") ? 1 : 0;
            }
        } finally {
            process.destroyForcibly().waitFor();
        }
    }

    public static void main(String[] args) {
        Path data = Path.of(args[0]);
        try (Database database = Database.open(data)) {
            FolderParts parts = FolderParts.of(data, database, InstantSource.system());
            Delivered site = new Delivered(parts, new Deliveries(database));
            site.runs.run(
                    site.workspace,
                    Delivered.to(Delivered.bucket(Integer.parseInt(args[1])), Layout.AT_ADDRESSES, args[2]),
                    (doing, done, of, bytes) -> System.out.println(of > 0 ? "step" : "weighs"));
        } finally {
            // Where the storage lets it down, too, no thread of its keeps it.
            Runtime.getRuntime().halt(0);
        }
    }
}
