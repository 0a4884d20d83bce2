package venue.store.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.model.media.Media;

class MediaIntakeTest {

    @TempDir
    Path folder;

    private MediaFiles files;
    private MediaIntake intake;

    @BeforeEach
    void open() {
        files = new MediaFiles(folder);
        intake = new MediaIntake(files);
    }

    @Test
    void aPictureIsCutToWidthsAndEncodedAnew() throws IOException {
        Media media = intake.take("a", "Loom", picture("jpg", 2000, 1000));
        assertThat(media.widths()).containsExactly(480, 800, 1200, 1600, 2000);
        for (int width : media.widths()) {
            byte[] bytes =
                    files.find(media.path(width).replace("/-/media/", "")).orElseThrow();
            assertThat(ImageIO.read(new ByteArrayInputStream(bytes)).getWidth()).isEqualTo(width);
        }
    }

    @Test
    void anIconIsTheWholePictureInTheMiddleOfASquare() throws IOException {
        Media media = intake.take("a", "Loom", picture("jpg", 600, 300));
        for (int size : List.of(32, 180, 512)) {
            byte[] png = new IconMaker(files).png(media, size).orElseThrow();
            BufferedImage icon = ImageIO.read(new ByteArrayInputStream(png));
            assertThat(List.of(icon.getWidth(), icon.getHeight())).containsExactly(size, size);
            assertThat(icon.getRGB(size / 2, 1) >>> 24)
                    .as("open above it, but for home screens")
                    .isEqualTo(size == 180 ? 255 : 0);
            assertThat(icon.getRGB(size / 2, size / 2) >>> 24).isEqualTo(255);
        }
    }

    @Test
    void hiddenDataIsGone() throws IOException {
        byte[] plain = picture("jpg", 600, 400);
        byte[] note = "\u00ff\u00fe\u0000\u0016latitude 54.1 north".getBytes(StandardCharsets.ISO_8859_1);
        byte[] with = ByteBuffer.allocate(plain.length + note.length)
                .put(plain, 0, 2)
                .put(note)
                .put(plain, 2, plain.length - 2)
                .array();
        Media media = intake.take("a", "Loom", with);
        byte[] kept = files.find(media.path(600).replace("/-/media/", "")).orElseThrow();
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("latitude");
    }

    @Test
    void whatIsNoPictureOrTooLargeIsRefusedBeforeItIsRead() {
        refuses("not-a-picture", "<html>no</html>".getBytes(StandardCharsets.UTF_8));
        refuses("not-a-picture", new byte[0]);
        refuses("file-too-large", new byte[60 * 1024 * 1024]);
        refuses("picture-too-large", bomb(30_000, 30_000));
        refuses("picture-too-large", bomb(40_000, 10));
        byte[] drawing = ("<svg>" + " ".repeat(6_000_000) + "</svg>").getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> intake.take("a", "Dome.svg", drawing)).hasMessageContaining("5 fit");
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void aFileOutsideTheFolderCanNotBeAskedFor() throws IOException {
        Files.writeString(folder.resolveSibling("secret.jpg"), "x");
        assertThat(files.find("../secret.jpg")).isEmpty();
        assertThat(files.find("secret.jpg")).isEmpty();
    }

    private void refuses(String code, byte[] bytes) {
        assertThatThrownBy(() -> intake.take("a", "A file", bytes))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
    }

    /** A picture whose left half is red and right half blue. */
    private static byte[] halves(int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                image.setRGB(x, y, x < width / 2 ? 0xff0000 : 0x0000ff);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private BufferedImage kept(Media media) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(
                files.find(media.path().replace("/-/media/", "")).orElseThrow()));
    }

    @Test
    void aPartIsCutOutAndTheWholeStays() throws IOException {
        Media whole = intake.take("a", "Halves", halves(1000, 500)).withAlt("Two halves", false);
        Media right = intake.cut(whole, 60, 0, 40, 100);
        assertThat(right.width()).isEqualTo(400);
        assertThat(right.height()).isEqualTo(500);
        assertThat(new java.awt.Color(kept(right).getRGB(200, 250)).getBlue()).isGreaterThan(200);
        assertThat(right.whole()).isEqualTo(whole.path());
        Media left = intake.cut(right, 0, 0, 40, 100);
        assertThat(new java.awt.Color(kept(left).getRGB(200, 250)).getRed())
                .as("cut from the whole, not from the part")
                .isGreaterThan(200);
        Media again = intake.cut(left, 0, 0, 100, 100);
        assertThat(again.file()).isEqualTo(whole.file());
        assertThat(again.cut()).isNull();
        assertThat(whole.replacedBy(again).alt("en")).isEqualTo("Two halves");
    }

    @Test
    void partsOutsideThePictureAndPartsOfDrawingsAreRefused() throws IOException {
        Media whole = intake.take("a", "Halves", halves(100, 50));
        assertThatThrownBy(() -> intake.cut(whole, 70, 0, 40, 100)).hasMessageContaining("70, 0");
        assertThatThrownBy(() -> intake.cut(whole, 0, 0, 4, 100)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> intake.cut(whole, -1, 0, 50, 50)).isInstanceOf(Refusal.class);
        Media drawing = intake.take(
                "b",
                "Dome.svg",
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><path d='M0 0h9'/></svg>"
                        .getBytes(StandardCharsets.UTF_8));
        assertThatThrownBy(() -> intake.cut(drawing, 0, 0, 50, 50)).hasMessageContaining("drawing");
    }

    @Test
    void aLongFilmIsTakenFromWhereItLiesAndALongPictureIsNot() throws IOException {
        Path film = folder.resolveSibling("film.part");
        byte[] bytes = new byte[30 * 1024 * 1024];
        System.arraycopy("....ftypisom".getBytes(StandardCharsets.US_ASCII), 0, bytes, 0, 12);
        Files.write(film, bytes);
        Media media = intake.take("f", "Night.mp4", film);
        assertThat(media.sort()).isEqualTo(Media.Sort.FILM);
        assertThat(media.bytes()).isEqualTo(bytes.length);
        assertThat(files.locate(media.path().replace("/-/media/", "")))
                .hasValueSatisfying(p -> assertThat(p).hasSize(bytes.length));
        assertThat(film).doesNotExist();
        Files.write(film, new byte[30 * 1024 * 1024]);
        assertThatThrownBy(() -> intake.take("p", "Night.jpg", film))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("file-too-large"));
        assertThat(film).exists();
    }

    private static byte[] picture(String format, int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), format, out);
        return out.toByteArray();
    }

    /** The head of a PNG that claims to be so large. */
    private static byte[] bomb(int width, int height) {
        ByteBuffer chunk = ByteBuffer.allocate(17).put("IHDR".getBytes(StandardCharsets.US_ASCII));
        chunk.putInt(width).putInt(height).put(new byte[] {8, 2, 0, 0, 0});
        CRC32 crc = new CRC32();
        crc.update(chunk.array());
        return ByteBuffer.allocate(33)
                .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'})
                .putInt(13)
                .put(chunk.array())
                .putInt((int) crc.getValue())
                .array();
    }

    /** Blank, 49 million pixels in some 140 kB: what is read of it is what is kept of it. */
    @Test
    void aPictureOfManyPixelsIsReadAsSmallAsItIsKept() throws IOException {
        byte[] many = picture("png", 7_000, 7_050);
        assertThat(many.length).isLessThan(200_000);
        PictureReader.Picture read = PictureReader.read("Many", many);
        assertThat((long) read.image().getWidth() * read.image().getHeight()).isLessThan(16_000_000);
        assertThat(read.image().getWidth()).isGreaterThan(2_400);
        assertThat(intake.take("a", "Many", many).widths()).containsExactly(480, 800, 1200, 1600, 2400);
    }

    @Test
    void filesAreReadOneAfterAnotherAndHowManyWaitIsTold() throws Exception {
        Turns turns = new Turns();
        Set<Integer> told = ConcurrentHashMap.newKeySet();
        turns.onChange(told::add);
        AtomicInteger working = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch free = new CountDownLatch(1);
        ExecutorService people = Executors.newFixedThreadPool(17);
        List<Future<Integer>> taken = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            taken.add(people.submit(() -> turns.take(() -> {
                most.accumulateAndGet(working.incrementAndGet(), Math::max);
                begun.countDown();
                await(free);
                return working.decrementAndGet();
            })));
        }
        begun.await();
        while (!told.contains(16)) {
            Thread.onSpinWait();
        }
        assertThatThrownBy(() -> turns.take(() -> 0))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.sort()).isEqualTo(Refusal.Sort.BUSY));
        free.countDown();
        for (Future<Integer> one : taken) {
            assertThat(one.get()).isZero();
        }
        assertThat(most).hasValue(1);
        people.shutdown();
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
