package venue.store.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.model.media.Media;

/** Documents by people who mean well, and by others. */
class FirstPagesTest {

    private static final Duration SHORT = Duration.ofSeconds(3);

    private static final int MEGABYTE = 1024 * 1024;

    @TempDir
    Path folder;

    private interface Written {
        void on(PDDocument document) throws IOException;
    }

    /** A document of one lying page, and the picture of that. */
    private Optional<byte[]> drawn(Duration most, Written more) throws IOException {
        MediaFiles files = new MediaFiles(folder.resolve("media"));
        Path drawings = Files.createDirectories(folder.resolve("drawings"));
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage(new PDRectangle(842, 595)));
            more.on(document);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            Media media = new MediaIntake(files).take("m", "leaflet.pdf", bytes.toByteArray());
            FirstPages pages = new FirstPages(files, drawings, "none", most);
            Optional<byte[]> first = pages.of(media);
            assertThat(pages.of(media).isPresent()).as("asked again").isEqualTo(first.isPresent());
            try (Stream<Path> left = Files.list(drawings)) {
                assertThat(left.filter(f -> f.toString().endsWith(".jpg")))
                        .as("nothing half done")
                        .hasSize(first.isPresent() ? 1 : 0);
            }
            return first;
        }
    }

    private static void fill(PDDocument document, String operators) throws IOException {
        PDStream painted = new PDStream(document);
        try (OutputStream out = painted.createOutputStream(COSName.FLATE_DECODE)) {
            out.write(operators.getBytes(StandardCharsets.ISO_8859_1));
        }
        document.getPage(0).setContents(painted);
    }

    @Test
    void thePageIsDrawnInItsProportions() throws IOException {
        byte[] jpeg = drawn(FirstPages.MOST, d -> fill(d, "1 0 0 rg 0 0 421 595 re f"))
                .orElseThrow();
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(jpeg));
        assertThat(image.getWidth()).isEqualTo(FirstPage.SIDE);
        assertThat(image.getHeight()).isBetween(451, 453);
        assertThat(image.getRGB(100, 200) & 0xffff).as("red at the left").isLessThan(0x2020);
        assertThat(image.getRGB(540, 200) & 0xff).as("white at the right").isGreaterThan(0xf0);
    }

    @Test
    void whatNeverEndsIsEndedAndHasNoDrawing() throws IOException {
        assertThat(drawn(SHORT, d -> fill(d, "q 842 0 0 595 0 0 cm 0 0 1 1 re f Q ".repeat(3_000_000))))
                .isEmpty();
    }

    @Test
    void whatIsLockedOrAsksForTooMuchHasNone() throws IOException {
        assertThat(drawn(
                        FirstPages.MOST,
                        d -> d.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()))))
                .isEmpty();
        assertThat(drawn(FirstPages.MOST, d -> fill(d, "(" + " ".repeat(100 * MEGABYTE) + ") Tj")))
                .isEmpty();
    }
}
