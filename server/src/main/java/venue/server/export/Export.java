package venue.server.export;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.server.live.HeldSite;

/** Writes a site into a folder; a second time only what has changed, and what is no longer there goes. */
public final class Export {

    static final String NOT_FOUND = "404.html";
    static final String GONE = "410.html";
    static final String CONFIGURATION = "nginx-site.conf";
    /** Which files of the folder are the export's: others are left alone. */
    private static final String LIST = ".venue-export";

    private static final String FIRST_LINE = "Written by venue export; files that are not named here are left alone.";
    private static final int STATUS_MOVED = 301;
    private static final int STATUS_GONE = 410;
    private static final int STATUS_NONE = 404;

    private final Path folder;
    private final NginxSite nginx;
    private final Set<String> files = new TreeSet<>();
    private final Set<String> asking = new TreeSet<>();
    private int written;

    private Export(Path folder, NginxSite nginx) {
        this.folder = folder;
        this.nginx = nginx;
    }

    /**
     * What was done.
     *
     * @param files how many the site has
     * @param written how many of them were new or had changed
     * @param removed how many went
     * @param asking addresses of pages where visitors may choose what a listing shows, which files can't answer
     */
    public record Done(int files, int written, int removed, List<String> asking) {}

    /** Writes it; refused where the folder holds anything else. */
    public static Done write(HeldSite site, String id, List<String> hosts, Path to) throws IOException {
        Path folder = to.toAbsolutePath();
        Set<String> before = before(folder);
        makeReadable(folder);
        Export export = new Export(folder, new NginxSite(id, hosts, folder));
        site.each(export::take);
        export.put(CONFIGURATION, export.nginx.text().getBytes(StandardCharsets.UTF_8));
        before.removeAll(export.files);
        for (String old : before) {
            export.remove(old);
        }
        export.keepList();
        return new Done(export.files.size(), export.written, before.size(), List.copyOf(export.asking));
    }

    /** The files of the export that is there already. */
    private static Set<String> before(Path folder) throws IOException {
        Path list = folder.resolve(LIST);
        if (Files.exists(list)) {
            List<String> lines = Files.readAllLines(list);
            return new HashSet<>(lines.subList(1, lines.size()));
        }
        if (Files.exists(folder)) {
            try (Stream<Path> all = Files.list(folder)) {
                if (all.findAny().isPresent()) {
                    throw Refusal.badInput(
                            "not-an-export",
                            "to",
                            folder + " is not empty, and no export was written there before.",
                            "Name a folder that is empty, or that holds an export.");
                }
            } catch (java.nio.file.NotDirectoryException file) {
                throw Refusal.badInput("no-folder", "to", folder + " is a file.", "Name a folder.");
            }
        }
        return new HashSet<>();
    }

    private void take(HeldSite.Answer answer) throws IOException {
        if (answer.asks()) {
            asking.add(answer.path());
        }
        switch (answer.headers().status()) {
            case STATUS_MOVED ->
                nginx.moved(answer.path(), String.valueOf(answer.headers().location()));
            case STATUS_GONE -> {
                nginx.gone(answer.path());
                serve(GONE, answer);
            }
            case STATUS_NONE -> serve(NOT_FOUND, answer);
            default -> serve(fileOf(answer), answer);
        }
    }

    private void serve(String file, HeldSite.Answer answer) throws IOException {
        nginx.serves("/" + file, answer);
        if (answer.content().file() == null) {
            put(file, answer.content().bytes());
        } else {
            copy(file, answer.content().file());
        }
    }

    /** A page is the index of a folder of its own; all else lies where it is served. */
    private static String fileOf(HeldSite.Answer answer) {
        String path = answer.path().substring(1);
        boolean page = answer.headers().type().startsWith("text/html") && !path.endsWith(".html");
        return page ? (path.isEmpty() ? "" : path + "/") + "index.html" : path;
    }

    private void put(String file, byte[] bytes) throws IOException {
        Path to = place(file);
        if (Files.exists(to) && Files.size(to) == bytes.length && Arrays.equals(Files.readAllBytes(to), bytes)) {
            return;
        }
        Path part = Files.createTempFile(folder, ".part", "");
        Files.write(part, bytes);
        settle(part, to);
    }

    /** Films and sounds are named by their hash: what is there under the name, and as long, is the same. */
    private void copy(String file, Path from) throws IOException {
        Path to = place(file);
        if (Files.exists(to) && Files.size(to) == Files.size(from)) {
            return;
        }
        Path part = Files.createTempFile(folder, ".part", "");
        Files.copy(from, part, StandardCopyOption.REPLACE_EXISTING);
        settle(part, to);
    }

    private Path place(String file) throws IOException {
        Path to = folder.resolve(file).normalize();
        if (!to.startsWith(folder)) {
            throw new IOException(file + " leads out of the folder");
        }
        files.add(file);
        makeReadable(Objects.requireNonNullElse(to.getParent(), folder));
        return to;
    }

    /** Whoever serves the folder meanwhile finds the old file or the new one, and may read both. */
    private void settle(Path part, Path to) throws IOException {
        readable(part);
        Files.move(part, to, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        written++;
    }

    private static void readable(Path file) {
        file.toFile().setReadable(true, false);
    }

    /** A folder that a web server may go into, whatever the one who writes it keeps to themselves. */
    private static void makeReadable(Path made) throws IOException {
        if (Files.notExists(made)) {
            Path above = made.getParent();
            if (above != null && Files.notExists(above)) {
                makeReadable(above);
            }
            Files.createDirectory(made);
            readable(made);
            made.toFile().setExecutable(true, false);
        }
    }

    private void remove(String old) throws IOException {
        Path file = folder.resolve(old).normalize();
        if (!file.startsWith(folder)) {
            return;
        }
        Files.deleteIfExists(file);
        for (Path up = file.getParent(); up != null && !up.equals(folder) && isEmpty(up); up = up.getParent()) {
            Files.delete(up);
        }
    }

    private static boolean isEmpty(@Nullable Path at) throws IOException {
        if (at == null || !Files.isDirectory(at)) {
            return false;
        }
        try (Stream<Path> all = Files.list(at)) {
            return all.findAny().isEmpty();
        }
    }

    private void keepList() throws IOException {
        StringBuilder list = new StringBuilder(FIRST_LINE).append('\n');
        files.forEach(f -> list.append(f).append('\n'));
        Path part = Files.createTempFile(folder, ".part", "");
        Files.writeString(part, list);
        Files.move(part, folder.resolve(LIST), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }
}
