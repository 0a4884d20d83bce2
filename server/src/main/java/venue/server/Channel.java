package venue.server;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import venue.store.database.DataFolder;
import venue.store.database.Unfit;

/**
 * How verbs hand what writes to the server that has the folder: a socket of this machine alone, whose number and secret lie
 * in the folder for its owner to read. One line of JSON each way.
 */
final class Channel implements AutoCloseable {

    /** The verbs that a running server does for other processes. The others start servers, or work on folders that no server has. */
    static final Set<String> VERBS = Set.of("people", "pack", "note", "delivery", "deliver");

    private static final Logger LOG = LoggerFactory.getLogger(Channel.class);
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int SECRET_BYTES = 32;
    private static final int MOST = 64 * 1024;
    private static final int PATIENCE_MS = 5000;

    private final Path file;
    private final ServerSocket socket;
    private final String secret;
    private final BiFunction<Path, List<String>, Answer> verbs;

    /** What is asked: by whom, from where, and the verb with its options. */
    private record Ask(String secret, String where, List<String> line) {}

    /** What came of it: the status to exit with, and what is to be told. */
    record Answer(int status, String out, String err) {}

    /** Listens; {@code verbs} does what is asked from a folder. */
    Channel(DataFolder folder, BiFunction<Path, List<String>, Answer> verbs) throws IOException {
        this.verbs = verbs;
        byte[] bytes = new byte[SECRET_BYTES];
        new SecureRandom().nextBytes(bytes);
        secret = HexFormat.of().formatHex(bytes);
        socket = new ServerSocket(0, 0, InetAddress.getLoopbackAddress());
        file = folder.channel();
        Files.writeString(file, socket.getLocalPort() + "\n" + secret + "\n");
        Thread listening = new Thread(this::listen, "verbs");
        listening.setDaemon(true);
        listening.start();
    }

    /** One after the other: they are a person's, or a script's. */
    private void listen() {
        while (!socket.isClosed()) {
            try (Socket asked = socket.accept()) {
                asked.setSoTimeout(PATIENCE_MS);
                answer(asked);
            } catch (IOException | JacksonException e) {
                if (!socket.isClosed()) {
                    LOG.debug("A verb could not be answered", e);
                }
            }
        }
    }

    private void answer(Socket asked) throws IOException {
        Ask ask = JSON.readValue(line(asked.getInputStream()), Ask.class);
        boolean known = MessageDigest.isEqual(bytes(secret), bytes(String.valueOf(ask.secret())));
        if (known && !ask.line().isEmpty() && VERBS.contains(ask.line().get(0))) {
            write(asked, verbs.apply(Path.of(ask.where()), ask.line()));
        }
    }

    private static String line(InputStream in) throws IOException {
        StringBuilder line = new StringBuilder();
        var from = new InputStreamReader(in, StandardCharsets.UTF_8);
        for (int c = from.read(); c >= 0 && c != '\n' && line.length() < MOST; c = from.read()) {
            line.append((char) c);
        }
        return line.toString();
    }

    /** Asks the server that has a folder to do a verb; {@link Unfit} where none answers. */
    static Answer ask(Path folder, List<String> line) {
        try {
            List<String> said = Files.readAllLines(DataFolder.channelOf(folder));
            try (Socket to = new Socket(InetAddress.getLoopbackAddress(), Integer.parseInt(said.get(0)))) {
                write(to, new Ask(said.get(1), Path.of("").toAbsolutePath().toString(), line));
                String answer = new BufferedReader(new InputStreamReader(to.getInputStream(), StandardCharsets.UTF_8))
                        .readLine();
                if (answer != null) {
                    return JSON.readValue(answer, Answer.class);
                }
            }
        } catch (IOException | RuntimeException e) {
            throw new Unfit("The server that has the data folder " + folder + " does not answer (" + e.getMessage()
                    + "). Stop it first, or try again when it has started.");
        }
        throw new Unfit("The server that has the data folder " + folder + " does not do this. Stop it first.");
    }

    private static void write(Socket to, Object told) throws IOException {
        var out = new BufferedWriter(new OutputStreamWriter(to.getOutputStream(), StandardCharsets.UTF_8));
        out.write(JSON.writeValueAsString(told) + "\n");
        out.flush();
    }

    private static byte[] bytes(String words) {
        return words.getBytes(StandardCharsets.UTF_8);
    }

    @Override
    public void close() throws IOException {
        Files.deleteIfExists(file);
        socket.close();
    }
}
