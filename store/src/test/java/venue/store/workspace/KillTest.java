package venue.store.workspace;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.change.rollout.RollOut;
import venue.core.model.page.Page;
import venue.core.model.site.Role;
import venue.store.database.Database;

class KillTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final PersonId ANA = new PersonId("Ana");

    @TempDir
    Path folder;

    @RepeatedTest(2)
    void killedAtAnyMomentEveryAcknowledgedEditIsThereAndOneWholeRelease(RepetitionInfo round) throws Exception {
        Yard.released(folder);
        Map<String, Integer> said = killed(Hammer.class, 40 + 37 * round.getCurrentRepetition());
        try (Database database = Yard.database(folder)) {
            Standing standing = Yard.open(database).require(YARD).now();
            assertThat(number(standing.working().require(Page.class, "home"))).isGreaterThanOrEqualTo(said.get("kept"));
            assertThat(number(standing.working().require(Page.class, "other")))
                    .isGreaterThanOrEqualTo(said.get("kept"));
            int home = number(standing.live().require(Page.class, "home"));
            assertThat(number(standing.live().require(Page.class, "other")))
                    .as("never a mixture")
                    .isEqualTo(home);
            assertThat(home).isGreaterThanOrEqualTo(said.get("live"));
            assertThat(standing.release()).isEqualTo(home + 1);
        }
    }

    @RepeatedTest(2)
    void aRollOutKilledHalfWayLeavesWholePagesAndGoesOnOrIsUndone(RepetitionInfo round) throws Exception {
        Map<String, Hash> before;
        try (Database database = Yard.database(folder)) {
            Workspace yard = Yard.begin(database);
            Roller.prepare(yard);
            before = yard.now().hashes();
        }
        killed(Roller.class, 2 + 5 * round.getCurrentRepetition());
        try (Database database = Yard.database(folder)) {
            Workspace yard = Yard.open(database).require(YARD);
            assertThat(yard.now().hashes()).isNotEqualTo(before);
            Roller.of(yard).rows().forEach(row -> {
                String id = row.page().id();
                boolean untouched = before.get(id).equals(yard.now().hashOf(id));
                assertThat(untouched || !row.isOpen()).as("%s is whole", id).isTrue();
            });
            if (round.getCurrentRepetition() % 2 == 0) {
                yard.undo(ANA, Role.MANAGER);
                assertThat(yard.now().hashes()).isEqualTo(before);
            } else {
                Roller.rest(yard);
                assertThat(Roller.of(yard).rows()).noneMatch(RollOut.Row::isOpen);
                yard.undo(ANA, Role.MANAGER);
                assertThat(yard.now().hashes()).as("all of it is one step").isEqualTo(before);
            }
        }
    }

    /** Runs a program until it has said so many lines, then kills it the hard way. */
    private Map<String, Integer> killed(Class<?> program, int lines) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        program.getName(),
                        folder.toString())
                .redirectErrorStream(true)
                .start();
        Map<String, Integer> said = new HashMap<>();
        try (BufferedReader out = process.inputReader()) {
            for (int seen = 0; seen < lines; ) {
                String line = java.util.Objects.requireNonNull(out.readLine(), "it stopped by itself");
                if (line.matches("(kept|live) \\d+")) {
                    said.put(line.split(" ")[0], Integer.valueOf(line.split(" ")[1]));
                    seen++;
                }
            }
        } finally {
            process.destroyForcibly().waitFor();
        }
        return said;
    }

    private static int number(Page page) {
        return Integer.parseInt(page.title().replaceAll("\\D", ""));
    }
}
