package venue.store.visit;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;
import venue.store.upkeep.Outdated;
import venue.store.workspace.Workspaces;

/** Counts by day are what was noted, however it comes together with being written down, and nothing else is kept. */
class VisitsTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final LocalDate FIRST = LocalDate.parse("2026-11-01");
    private static final InstantSource CLOCK = () -> Instant.parse("2026-11-25T12:00:00Z");

    @TempDir
    Path folder;

    @Test
    void randomVisitsAreCountedByPageAndDayAndNoTwoVisitorsCanBeToldApart() throws InterruptedException {
        try (Database database = Database.open(folder)) {
            new Workspaces(database, CLOCK, new Random(1)).begin(YARD, new PersonId("ines"), List.of());
            Visits visits = new Visits(database);
            Random chance = new Random(20261130);
            Map<String, Map<LocalDate, Visits.Day>> law = new HashMap<>();
            ExecutorService visitors = Executors.newFixedThreadPool(4);
            for (int i = 0; i < 4_000; i++) {
                String page = "page" + chance.nextInt(5);
                LocalDate day = FIRST.plusDays(chance.nextInt(6));
                boolean robot = chance.nextInt(4) == 0;
                law.computeIfAbsent(page, p -> new HashMap<>())
                        .merge(
                                day,
                                new Visits.Day(robot ? 0 : 1, robot ? 1 : 0),
                                (a, b) -> new Visits.Day(a.people() + b.people(), a.robots() + b.robots()));
                visitors.execute(() -> visits.note(YARD, page, day, robot, 1));
                if (i % 700 == 0) {
                    visitors.execute(visits::write);
                }
            }
            visitors.shutdown();
            assertThat(visitors.awaitTermination(1, TimeUnit.MINUTES)).isTrue();
            visits.write();
            law.forEach((page, days) -> assertThat(visits.days(YARD, page, FIRST, FIRST.plusDays(9)))
                    .as(page)
                    .isEqualTo(days));
            law.forEach((page, days) -> assertThat(visits.people(YARD, FIRST.plusDays(1), FIRST.plusDays(3))
                            .getOrDefault(page, 0))
                    .isEqualTo((int) (days.get(FIRST.plusDays(1)).people()
                            + days.get(FIRST.plusDays(2)).people())));
            assertThat(database.sql()
                            .sql("select group_concat(name) from pragma_table_info('page_read')")
                            .query(String.class)
                            .single())
                    .as("a page, a day, two numbers: all that is kept")
                    .isEqualTo("site,page,day,people,robots");
            visits.bring(YARD, "old", Map.of(LocalDate.parse("2025-01-01"), new Visits.Day(3, 0)));
            assertThat(new Outdated(database, CLOCK).remove()).containsEntry("day of how often a page was read", 1);
        }
    }
}
