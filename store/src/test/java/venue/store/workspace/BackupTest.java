package venue.store.workspace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.model.page.Page;
import venue.store.backup.BackupFile;
import venue.store.database.Database;
import venue.store.link.Links;
import venue.store.link.PersonalLink;
import venue.store.upkeep.Backups;
import venue.store.upkeep.Restoring;
import venue.store.upkeep.UnusedFiles;

class BackupTest {

    private static final InstantSource CLOCK = InstantSource.system();
    private static final String PICTURE = "0123456789abcdef0123-640.jpg";

    @TempDir
    Path top;

    private Path yard() throws IOException {
        Path folder = Yard.released(top.resolve("yard"));
        Files.write(Files.createDirectories(folder.resolve("media")).resolve(PICTURE), new byte[70_000]);
        return folder;
    }

    private static Process start(Class<?> program, Path... args) throws IOException {
        List<String> line = new java.util.ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                program.getName()));
        Stream.of(args).forEach(a -> line.add(a.toString()));
        return new ProcessBuilder(line).redirectErrorStream(true).start();
    }

    /** Reads until a line says so, and gives the number that it ends with. */
    private static int until(BufferedReader out, String begins) throws IOException {
        for (String line = out.readLine(); ; line = out.readLine()) {
            if (Objects.requireNonNull(line, "it stopped by itself").startsWith(begins)) {
                return Integer.parseInt(line.substring(begins.length()));
            }
        }
    }

    private static int number(Page page) {
        return Integer.parseInt(page.title().replaceAll("\\D", ""));
    }

    @Test
    void madeWhileAnotherProcessEditsAndReleasesItHoldsAllThatWasAcknowledgedAndOneWholeRelease() throws Exception {
        Path folder = yard();
        Process hammer = start(Hammer.class, folder);
        int kept;
        int live;
        try (BufferedReader out = hammer.inputReader()) {
            kept = until(out, "kept ");
            live = until(out, "live ");
            try (Database beside = Database.beside(folder)) {
                new Backups(beside, folder, CLOCK).write(top.resolve("all.venuebackup"));
            }
        } finally {
            hammer.destroyForcibly().waitFor();
        }
        Path again = top.resolve("again");
        Restoring.restore(top.resolve("all.venuebackup"), again, CLOCK);
        assertThat(again.resolve("media").resolve(PICTURE)).hasBinaryContent(new byte[70_000]);
        try (Database database = Yard.database(again)) {
            Standing standing = Yard.open(database).require(new SiteId("yard")).now();
            assertThat(number(standing.working().require(Page.class, "home"))).isGreaterThanOrEqualTo(kept);
            int home = number(standing.live().require(Page.class, "home"));
            assertThat(home).isGreaterThanOrEqualTo(live);
            assertThat(number(standing.live().require(Page.class, "other"))).isEqualTo(home);
            assertThat(standing.release()).isEqualTo(home + 1);
        }
    }

    /** Makes one backup after the other until it is killed. */
    static final class Saver {
        public static void main(String[] args) {
            Path folder = Path.of(args[0]);
            Database database = Database.beside(folder);
            for (int n = 0; ; n++) {
                System.out.println("begun " + n);
                new Backups(database, folder, CLOCK).write(Path.of(args[1]).resolve(n + ".venuebackup"));
            }
        }
    }

    @RepeatedTest(3)
    void killedInTheMiddleItLeavesNoHalfOneThatIsTakenForAWhole(RepetitionInfo round) throws Exception {
        Path folder = yard();
        Path to = Files.createDirectories(top.resolve("backups"));
        Process saver = start(Saver.class, folder, to);
        try (BufferedReader out = saver.inputReader()) {
            while (until(out, "begun ") < 2 + round.getCurrentRepetition()) {}
        } finally {
            saver.destroyForcibly().waitFor();
        }
        List<Backups.Kept> all = Backups.all(to);
        assertThat(all).hasSizeGreaterThanOrEqualTo(3);
        for (Backups.Kept one : all) {
            try (BackupFile file = BackupFile.open(to.resolve(one.name()))) {
                file.check();
            }
        }
        try (Stream<Path> files = Files.list(to)) {
            for (Path half : (Iterable<Path>) files.filter(f -> f.toString().endsWith(".part"))::iterator) {
                assertThatThrownBy(() -> Restoring.restore(half, top.resolve("half"), CLOCK))
                        .isInstanceOf(Refusal.class);
            }
        }
    }

    @Test
    void whatIsNotAsItWasWrittenIsRefusedBeforeAnythingIs() throws Exception {
        Path folder = yard();
        Path file = top.resolve("all.venuebackup");
        String token;
        try (Database database = Yard.database(folder)) {
            token = new Links(database, CLOCK).makeCode(PersonalLink.Purpose.SET_UP);
            new Backups(database, folder, CLOCK).write(file);
        }
        assertThatThrownBy(() -> Restoring.restore(file, folder, CLOCK)).hasMessageContaining("is not empty");
        Path whole = top.resolve("whole");
        Restoring.restore(file, whole, CLOCK);
        try (Database database = Yard.database(whole)) {
            assertThat(new Links(database, CLOCK).find(PersonalLink.Purpose.SET_UP, Links.plain(token)))
                    .isEmpty();
        }
        List<Integer> inside = contentOf(Files.readAllBytes(file));
        assertThat(inside).hasSizeGreaterThan(2);
        for (int at : inside) {
            Path damaged = top.resolve("damaged.venuebackup");
            Files.write(damaged, Files.readAllBytes(file));
            try (RandomAccessFile bytes = new RandomAccessFile(damaged.toFile(), "rw")) {
                bytes.seek(at);
                int there = bytes.read();
                bytes.seek(at);
                bytes.write(there ^ 0x5a);
            }
            Path to = top.resolve("never");
            assertThatThrownBy(() -> Restoring.restore(damaged, to, CLOCK))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("can't be restored");
            assertThat(to).doesNotExist();
        }
    }

    /** A place within the content of each entry of a zip; a header's time, say, could be anything. */
    private static List<Integer> contentOf(byte[] zip) {
        List<Integer> inside = new ArrayList<>();
        for (int at = 0; at + 64 < zip.length; at++) {
            if (zip[at] == 'P' && zip[at + 1] == 'K' && zip[at + 2] == 3 && zip[at + 3] == 4) {
                int name = (zip[at + 26] & 0xff) + 256 * (zip[at + 27] & 0xff);
                int extra = (zip[at + 28] & 0xff) + 256 * (zip[at + 29] & 0xff);
                inside.add(at + 30 + name + extra + 10);
            }
        }
        return inside;
    }

    @Test
    void theLastOnesAreKeptAndOthersStay() throws Exception {
        Path folder = yard();
        Path backups = Files.createDirectories(top.resolve("backups"));
        Files.writeString(backups.resolve("mine.venuebackup"), "mine");
        try (Database database = Yard.database(folder)) {
            for (int day = 1; day <= 4; day++) {
                InstantSource then = InstantSource.fixed(java.time.Instant.parse("2026-11-0" + day + "T03:00:00Z"));
                String name =
                        new Backups(database, folder, then).makeIn(backups, 2).name();
                Files.setLastModifiedTime(backups.resolve(name), FileTime.from(then.instant()));
            }
        }
        assertThat(Backups.all(backups))
                .extracting(Backups.Kept::name)
                .containsExactly(
                        "mine.venuebackup", "venue-20261104T030000Z.venuebackup", "venue-20261103T030000Z.venuebackup");
    }

    @Test
    void filesThatNothingNamesAreFoundAndRemovedOnceTheyAreADayOld() throws Exception {
        Path folder = yard();
        try (Database database = Yard.database(folder)) {
            UnusedFiles now = new UnusedFiles(database, folder, CLOCK);
            assertThat(now.all()).as("it has just come").isEmpty();
            Files.setLastModifiedTime(
                    folder.resolve("media").resolve(PICTURE),
                    FileTime.from(CLOCK.instant().minusSeconds(90_000)));
            assertThat(now.all()).containsExactly(new UnusedFiles.Unused("0123456789abcdef0123", "jpg", null, 70_000));
            assertThat(now.remove(List.of("ffff"))).isZero();
            assertThat(now.remove(List.of("0123456789abcdef0123"))).isEqualTo(70_000);
            assertThat(now.all()).isEmpty();
        }
    }
}
