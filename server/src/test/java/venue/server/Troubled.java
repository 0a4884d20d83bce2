package venue.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Stands between a client and a server, and lets a third of connections down: drops them, answers 500 or 503, cuts the answer, or takes its time. */
final class Troubled implements AutoCloseable {

    private static final int CUT_AFTER = 60;

    private final ServerSocket listens;
    private final int to;
    private final Random chance;
    private final ExecutorService hands = Executors.newCachedThreadPool();
    private volatile boolean well;

    Troubled(int to, long seed) throws IOException {
        this.to = to;
        chance = new Random(seed);
        listens = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        hands.execute(this::listen);
    }

    int port() {
        return listens.getLocalPort();
    }

    /** From now on nothing goes wrong. */
    void calm() {
        well = true;
    }

    private void listen() {
        while (!listens.isClosed()) {
            try {
                Socket from = listens.accept();
                int fate = well ? 0 : chance.nextInt(15);
                hands.execute(() -> pass(from, fate));
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void pass(Socket from, int fate) {
        try (from;
                Socket on = new Socket(InetAddress.getLoopbackAddress(), to)) {
            switch (fate) {
                case 1 -> from.setSoLinger(true, 0);
                case 2 -> answer(from, "500 Internal Server Error");
                case 3 -> answer(from, "503 Slow Down");
                case 4 -> {
                    hands.execute(() -> copy(from, on, Integer.MAX_VALUE));
                    copy(on, from, CUT_AFTER);
                }
                default -> {
                    if (fate == 5) {
                        Thread.sleep(chance.nextInt(300));
                    }
                    hands.execute(() -> copy(from, on, Integer.MAX_VALUE));
                    copy(on, from, Integer.MAX_VALUE);
                }
            }
        } catch (IOException | InterruptedException gone) {
            // As it may be.
        }
    }

    private static void answer(Socket from, String status) throws IOException {
        from.getInputStream().read(new byte[1 << 16]);
        from.getOutputStream()
                .write(("HTTP/1.1 " + status + "\r\nContent-Length: 0\r\nConnection: close\r\n\r\n")
                        .getBytes(StandardCharsets.US_ASCII));
    }

    private static void copy(Socket from, Socket to, int most) {
        try {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            byte[] some = new byte[8192];
            int all = 0;
            for (int n = in.read(some); n >= 0; n = in.read(some)) {
                out.write(some, 0, Math.min(n, most - all));
                all += n;
                if (all >= most) {
                    break;
                }
            }
            to.shutdownOutput();
        } catch (IOException gone) {
            // The other side sees it.
        }
    }

    @Override
    public void close() throws IOException {
        listens.close();
        hands.shutdownNow();
    }
}
