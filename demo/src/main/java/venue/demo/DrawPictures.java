package venue.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** The build draws the demo's pictures once, so that loading it has not to. */
public final class DrawPictures {

    private static final String FOLDER = "pictures";

    private DrawPictures() {}

    /** Draws them into the folder of the compiled classes. */
    public static void main(String[] args) throws IOException {
        Path folder = Path.of(args[0], DrawPictures.class.getPackageName().split("[.]"))
                .resolve(FOLDER);
        Files.createDirectories(folder);
        DemoPictures.all().entrySet().parallelStream()
                .forEach(picture ->
                        draw(folder, picture.getKey(), picture.getValue().drawing()));
    }

    private static void draw(Path folder, String name, Supplier<byte[]> drawing) {
        Path file = folder.resolve(name);
        try {
            if (!isFresh(file, folder.resolveSibling("picture"))) {
                Files.write(file, drawing.get());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether it was drawn by the program as it is now. */
    private static boolean isFresh(Path file, Path program) throws IOException {
        if (!Files.exists(file)) {
            return false;
        }
        FileTime drawn = Files.getLastModifiedTime(file);
        try (Stream<Path> classes = Files.list(program)) {
            for (Path part : classes.toList()) {
                if (Files.getLastModifiedTime(part).compareTo(drawn) > 0) {
                    return false;
                }
            }
        }
        return true;
    }

    /** As the build has drawn it; empty where it has not. */
    static Optional<byte[]> drawn(String id) {
        try (InputStream in = DrawPictures.class.getResourceAsStream(FOLDER + "/" + id)) {
            return in == null ? Optional.empty() : Optional.of(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
