package venue.server;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** Debian's nginx with a configuration, on ports of its own, as long as a test runs. */
final class Nginx implements AutoCloseable {

    private final Process process;
    private final int port;

    private Nginx(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    int port() {
        return port;
    }

    static int freePort() throws IOException {
        try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return free.getLocalPort();
        }
    }

    /** Starts it with what stands within {@code http}, and waits until it listens. */
    static Nginx start(Path folder, String http, int port) throws IOException, InterruptedException {
        Path brotli = Path.of("/usr/lib/nginx/modules/ngx_http_brotli_static_module.so");
        String loads = Files.exists(brotli) ? "load_module " + brotli + ";" : "";
        Path all = Files.writeString(folder.resolve("nginx.conf"), """
                %3$s
                daemon off;
                pid %1$s/pid;
                error_log stderr;
                events {}
                http {
                    access_log off;
                    client_body_temp_path %1$s/body;
                    proxy_temp_path %1$s/proxy;
                    fastcgi_temp_path %1$s/fastcgi;
                    uwsgi_temp_path %1$s/uwsgi;
                    scgi_temp_path %1$s/scgi;
                %2$s
                }
                """.formatted(folder, http, loads));
        Path said = folder.resolve("said");
        Process process = new ProcessBuilder("nginx", "-p", folder.toString(), "-c", all.toString())
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        while (!listens(port)) {
            if (process.waitFor(20, TimeUnit.MILLISECONDS)) {
                throw new AssertionError("nginx did not start: " + Files.readString(said));
            }
        }
        return new Nginx(process, port);
    }

    static boolean listens(int port) {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            return socket.isConnected();
        } catch (IOException notYet) {
            return false;
        }
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }
}
