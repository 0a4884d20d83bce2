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
import venue.store.link.Link;
import venue.store.link.Links;

/** A server with the demo on a port of its own, that can be stopped and started again. */
final class Running implements AutoCloseable {

    static final String PASSWORD = "dark-sky-friday";

    private final int port;
    private final Path data;
    private ConfigurableApplicationContext context;

    private final Map<String, Object> more;

    private Running(int port, Path data, Map<String, Object> more) {
        this.port = port;
        this.data = data;
        this.more = more;
        startAgain();
    }

    /** A folder that nobody has set up, served as said. */
    static Running empty(Path data, Map<String, Object> more) {
        return new Running(freePort(), data, more);
    }

    /** A new code, as a start prints it. */
    String code() {
        return context.getBean(Links.class).makeCode(Link.Purpose.SET_UP);
    }

    static Running start(Path data) {
        return at(freePort(), data);
    }

    static int freePort() {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Running at(int port, Path data) {
        return new Running(port, data, Map.of("venue.demo-password", PASSWORD));
    }

    void startAgain() {
        Map<String, Object> properties = new HashMap<>();
        properties.put("server.port", port);
        properties.put("venue.data", data.toString());
        properties.putAll(more);
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
