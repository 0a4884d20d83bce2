package venue.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** The build draws the demo's pictures once, so that loading it has not to. */
public final class DrawPictures {

    private static final String FOLDER = "pictures";

    private DrawPictures() {}

    /** Draws them into the folder of the compiled classes. */
    public static void main(String[] args) throws IOException {
        Path folder = Path.of(args[0], DrawPictures.class.getPackageName().split("[.]"))
                .resolve(FOLDER);
        Files.createDirectories(folder);
        for (var picture : DemoPictures.all().entrySet()) {
            Files.write(
                    folder.resolve(picture.getKey()),
                    picture.getValue().drawing().get());
        }
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
