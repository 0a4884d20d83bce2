package venue.store.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.fault.Refusal;
import venue.core.model.media.Media;

/** Files that are no pictures, and drawings. */
class FileIntakeTest {

    @TempDir
    Path folder;

    private MediaFiles files;
    private MediaIntake intake;

    @BeforeEach
    void open() {
        files = new MediaFiles(folder);
        intake = new MediaIntake(files);
    }

    private static byte[] bytes(String words) {
        return words.getBytes(StandardCharsets.ISO_8859_1);
    }

    @ParameterizedTest
    @CsvSource({
        "%PDF-1.7 x, guide.exe, pdf",
        "....ftypisom, x, mp4",
        "....ftypM4A , x.mp4, m4a",
        "ID3....., x, mp3",
        "OggS...., x, ogg",
        "RIFF....WAVEfmt, x, wav",
        "'a,b', prices.csv, csv",
        "plain words, notes.TXT, txt"
    })
    void aFileIsWhatItsBytesSay(String content, String name, String format) {
        Media media = intake.take("m", name, bytes(content));
        assertThat(media.format()).isEqualTo(format);
        assertThat(media.isPicture()).isFalse();
        assertThat(media.bytes()).isEqualTo(content.length());
        assertThat(files.find(media.path().replaceAll(".*/", "")))
                .hasValueSatisfying(b -> assertThat(b).isEqualTo(bytes(content)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"MZ program", "....ftypheic", "....ftypavif", "<html><script>alert(1)</script>", "", "PK zip"})
    void whatSitesMayNotHoldIsRefusedWithWhatTheyMay(String content) {
        assertThatThrownBy(() -> intake.take("m", "setup.html", bytes(content)))
                .isInstanceOfSatisfying(Refusal.class, r -> {
                    assertThat(r.code()).isEqualTo("not-a-picture");
                    assertThat(r.fix()).contains("PDF", "JPEG");
                });
    }

    @Test
    void aTextThatIsNoTextIsRefused() {
        assertThatThrownBy(() -> intake.take("m", "a.csv", new byte[] {1, 0, (byte) 0xff, (byte) 0xfe}))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void aDrawingIsCleanedBeforeItIsKept() {
        Media media = intake.take(
                "m",
                "dome.svg",
                bytes("<svg viewBox='0 0 90 60' onload='alert(1)'><script>x</script><path d='M0 0h9'/></svg>"));
        assertThat(media.width() + "x" + media.height()).isEqualTo("90x60");
        assertThat(media.isPicture()).isTrue();
        String kept = new String(files.find(media.path().replaceAll(".*/", "")).orElseThrow(), StandardCharsets.UTF_8);
        assertThat(kept).contains("<path").doesNotContain("script", "onload");
        assertThatThrownBy(() -> intake.take("m", "dome.svg", bytes("<p>no drawing</p>")))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void aPicturesShadesAreThoseThatWordsMeet() throws IOException {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.BLACK);
        pen.fillRect(0, 0, 200, 300);
        pen.setColor(Color.WHITE);
        pen.fillRect(200, 0, 200, 300);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        assertThat(intake.take("m", "half.png", out.toByteArray()).shades()).containsExactly("#000000", "#FFFFFF");
    }

    @ParameterizedTest
    @ValueSource(strings = {"../venue.db", "..%2fvenue.db", "abc.jpg", "0123456789abcdef0123.html5x", ""})
    void onlyNamesOfOursAreLookedUp(String name) {
        assertThat(files.find(name)).isEmpty();
    }
}
