package venue.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.HashMap;
import java.util.Map;
import org.springframework.context.ConfigurableApplicationContext;
import venue.server.Application;
import venue.server.DemoFolder;
import venue.store.database.DataFolder;
import venue.store.link.Links;
import venue.store.link.PersonalLink;

/** A server with the demo on a port of its own, that can be stopped and started again. */
final class Running implements AutoCloseable {

    static final String PASSWORD = DemoFolder.PASSWORD;

    private static final Map<String, Object> DEMO = Map.of("venue.demo-password", PASSWORD);

    private final int port;
    private final Path data;
    private ConfigurableApplicationContext context;

    private final Map<String, Object> more;
    private final InstantSource clock;

    private Running(int port, Path data, Map<String, Object> more) {
        this(port, data, more, InstantSource.system());
    }

    private Running(int port, Path data, Map<String, Object> more, InstantSource clock) {
        this.clock = clock;
        this.port = port;
        this.data = data;
        this.more = more;
        if (more.entrySet().containsAll(DEMO.entrySet()) && !Files.exists(data.resolve("venue.db"))) {
            DemoFolder.copyTo(data);
        }
        startAgain();
    }

    /** A folder that nobody has set up, served as said. */
    static Running empty(Path data, Map<String, Object> more) {
        return new Running(freePort(), data, more);
    }

    /** A new code, as a start prints it. */
    String code() {
        return context.getBean(Links.class).makeCode(PersonalLink.Purpose.SET_UP);
    }

    static Running start(Path data) {
        return at(freePort(), data);
    }

    /** The demo, set up as said besides. */
    static Running start(Path data, Map<String, Object> besides) {
        Map<String, Object> all = new HashMap<>(besides);
        all.putAll(DEMO);
        return new Running(freePort(), data, all);
    }

    /** The demo by another clock. */
    static Running start(Path data, InstantSource clock) {
        return new Running(freePort(), data, DEMO, clock);
    }

    static int freePort() {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Running at(int port, Path data) {
        return new Running(port, data, DEMO);
    }

    void startAgain() {
        Map<String, Object> properties = new HashMap<>();
        properties.put("server.port", port);
        properties.put("venue.data", data.toString());
        properties.putAll(more);
        context = Application.start(DataFolder.open(data), properties, clock);
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
