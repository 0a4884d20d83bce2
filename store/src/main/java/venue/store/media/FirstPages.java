package venue.store.media;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import venue.core.model.media.Media;

/**
 * The first pages of documents, for those who look for one. Each is drawn when it is first asked for, one after another, by a
 * program of its own that has little memory and little time: a file that asks for more has no drawing, and harms nobody.
 */
public final class FirstPages {

    /** The most that one drawing may take. */
    public static final Duration MOST = Duration.ofSeconds(20);

    private static final List<String> LITTLE = List.of(
            "-Xmx160m",
            "-Xss1m",
            "-XX:+UseSerialGC",
            "-XX:TieredStopAtLevel=1",
            "-XX:+ExitOnOutOfMemoryError",
            "-Djava.awt.headless=true");

    private final MediaFiles files;
    private final Path folder;
    private final List<String> program;
    private final Duration most;
    private final Turns turns = new Turns();
    private final Set<String> undrawn = ConcurrentHashMap.newKeySet();

    /**
     * @param folder where the drawings are kept; what is not there is drawn again
     * @param verb what draws, where this program is one jar
     */
    public FirstPages(MediaFiles files, Path folder, String verb, Duration most) {
        this.files = files;
        this.folder = folder;
        this.program = program(verb);
        this.most = most;
    }

    /** How this program starts itself to draw: as the jar that it is, or by its classes. */
    private static List<String> program(String verb) {
        String classes = System.getProperty("java.class.path");
        return classes.endsWith(".jar") && !classes.contains(File.pathSeparator)
                ? List.of("-jar", classes, verb)
                : List.of("-cp", classes, FirstPage.class.getName());
    }

    /** The first page of a document as a JPEG; empty where it is no PDF, or none that can be drawn. */
    public Optional<byte[]> of(Media media) {
        String path = media.path();
        String name = path.substring(path.lastIndexOf('/') + 1);
        Optional<Path> pdf = media.format().equals("pdf") ? files.locate(name) : Optional.empty();
        Path drawing = folder.resolve(name.replace(".pdf", ".jpg"));
        try {
            if (pdf.isPresent() && !undrawn.contains(name) && Files.notExists(drawing)) {
                // Whoever waited behind one that failed does not try it again.
                turns.take(() -> undrawn.contains(name) || drawn(pdf.get(), drawing) || undrawn.add(name));
            }
            return pdf.isPresent() && Files.exists(drawing)
                    ? Optional.of(Files.readAllBytes(drawing))
                    : Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private boolean drawn(Path pdf, Path drawing) throws IOException {
        if (Files.exists(drawing)) {
            return true;
        }
        Path part = Files.createTempFile(folder, "page", ".jpg");
        try {
            if (!isDone(pdf, part)) {
                return false;
            }
            Files.move(part, drawing, StandardCopyOption.REPLACE_EXISTING);
            return true;
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private boolean isDone(Path pdf, Path to) throws IOException {
        List<String> line = new ArrayList<>();
        line.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        line.addAll(LITTLE);
        line.add("-Dpdfbox.fontcache=" + folder.toAbsolutePath());
        line.addAll(program);
        line.add(pdf.toAbsolutePath().toString());
        line.add(to.toAbsolutePath().toString());
        Process process = new ProcessBuilder(line)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try {
            return process.waitFor(most.toMillis(), TimeUnit.MILLISECONDS) && process.exitValue() == 0;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        } finally {
            process.destroyForcibly();
        }
    }
}
