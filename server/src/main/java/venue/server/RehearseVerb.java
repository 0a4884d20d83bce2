package venue.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.Callable;
import org.springframework.util.FileSystemUtils;
import picocli.CommandLine.Command;
import venue.demo.KestrelMoor;
import venue.server.app.Origins;
import venue.store.database.DataFolder;

/** Starts with the demo in a folder that is thrown away and answers once: what a start needs is then known to whoever watches. */
@Command(name = "rehearse", hidden = true)
final class RehearseVerb implements Callable<Integer> {

    @Override
    public Integer call() throws IOException, InterruptedException {
        System.setProperty("jdk.httpclient.allowRestrictedHeaders", "host");
        Path folder = Files.createTempDirectory("venue-rehearsal");
        try (DataFolder taken = DataFolder.open(folder)) {
            Map<String, Object> properties = Map.of(
                    "server.address", "127.0.0.1", "server.port", 0, "venue.demo-password", "a rehearsal of the start");
            try (var context = Application.start(taken, properties)) {
                String at = context.getBean(Origins.class).origin("127.0.0.1");
                for (String path : new String[] {"/", "/api/me", "/-/health"}) {
                    ask(at + path, "localhost");
                }
                ask(at + "/", KestrelMoor.ID + ".localhost");
            }
        } finally {
            FileSystemUtils.deleteRecursively(folder);
        }
        return 0;
    }

    private static void ask(String address, String host) throws IOException, InterruptedException {
        HttpRequest request =
                HttpRequest.newBuilder(URI.create(address)).header("Host", host).build();
        HttpClient.newHttpClient().send(request, BodyHandlers.discarding());
    }
}
