package venue.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.springframework.context.ConfigurableApplicationContext;
import venue.server.Application;
import venue.store.database.DataFolder;

/** A server with the demo on a port of its own, that can be stopped and started again. */
final class Running implements AutoCloseable {

    static final String PASSWORD = "dark-sky-friday";

    private final int port;
    private final Path data;
    private ConfigurableApplicationContext context;

    private Running(int port, Path data) {
        this.port = port;
        this.data = data;
        startAgain();
    }

    static Running start(Path data) {
        return at(freePort(), data);
    }

    private static int freePort() {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Running at(int port, Path data) {
        return new Running(port, data);
    }

    void startAgain() {
        Map<String, Object> properties = new HashMap<>();
        properties.put("server.port", port);
        properties.put("venue.data", data.toString());
        properties.put("venue.demo-password", PASSWORD);
        properties.put("server.servlet.session.cookie.secure", false);
        context = Application.start(DataFolder.open(data), properties);
    }

    void stop() {
        context.close();
    }

    String venue(String path) {
        return "http://localhost:" + port + path;
    }

    String site(String path) {
        return "http://kestrel-moor.localhost:" + port + path;
    }

    int port() {
        return port;
    }

    @Override
    public void close() {
        stop();
    }
}
