package venue.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.value.Value;
import venue.core.change.edit.value.ValueCommand;
import venue.core.live.delivery.Layout;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.server.delivery.DeliveryRun;
import venue.server.delivery.DeliveryRuns;
import venue.store.database.Database;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;
import venue.store.media.MediaFiles;
import venue.store.workspace.AskedRequest;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/**
 * A release of one page delivered from a large site sends as many objects as from a small one. {@code ./venue bench deliver} takes 20,000 pages
 * beside 200, and tells what each takes.
 */
class DeliverScaleTest {

    private static final boolean ALL = Boolean.getBoolean("venue.all");
    private static final int SMALL = ALL ? 200 : 20;
    private static final int LARGE = ALL ? 20_000 : 50;
    private static final int ROUNDS = ALL ? 40 : 2;
    private static final PersonId WHO = new PersonId("bench");
    private static final SiteId SITE = new SiteId("loomgate-yard");

    @TempDir
    Path top;

    private Instant now = Instant.parse("2026-12-01T12:00:00Z");

    /** A site with a place that it is delivered to. */
    private final class Site {
        private final Workspace workspace;
        private final DeliveryRuns runs;
        private final Delivery delivery;
        private final List<Double> took = new ArrayList<>();
        private DeliveryRun.Outcome last;

        Site(int pages, Layout layout) throws Exception {
            Path folder = Files.createDirectories(top.resolve(pages + "-" + layout));
            Database database = Database.open(folder);
            workspace = new Workspaces(database, () -> now, new Random(1)).begin(SITE, WHO, LargeSite.items(pages));
            release(ReleasePlan.of(workspace.now().live(), workspace.now().working()).entries().stream()
                    .map(ReleaseEntry::item)
                    .toList());
            runs = new DeliveryRuns(
                    folder, new MediaFiles(folder.resolve("media")), new Deliveries(database), () -> now, null, null);
            delivery = new Delivery(
                    SITE,
                    "bench",
                    "Bench",
                    new Delivery.Goes(
                            top.resolve("to-" + pages + "-" + layout).toString(),
                            Delivery.Bucket.NONE,
                            layout,
                            "https://www.loomgate-yard.example",
                            "",
                            Delivery.Call.NONE));
            last = deliver();
        }

        private DeliveryRun.Outcome deliver() {
            return runs.run(workspace, delivery, (doing, done, of, bytes) -> {});
        }

        private void release(List<String> items) {
            workspace.releasing().release(WHO, "", items);
        }

        void round(int round) {
            Page page = workspace.now().working().require(Page.class, LargeSite.id(15));
            Section section = page.zones().in("main").get(0);
            String element = section.columns().get(0).elements().get(0).id();
            workspace.run(AskedRequest.of(
                    WHO, ValueCommand.setValue(page.id(), section.id(), element, "text", Value.of("Round " + round))));
            release(List.of(page.id()));
            long began = System.nanoTime();
            last = deliver();
            took.add((System.nanoTime() - began) / 1e6);
        }

        double median() {
            Collections.sort(took);
            return took.get(took.size() / 2);
        }
    }

    @Test
    void aReleaseOfOnePageSendsNoMoreFromALargeSite() throws Exception {
        System.out.printf(Locale.ROOT, "%-30s %10d %10d %7s%n", "pages", SMALL, LARGE, "ratio");
        for (Layout layout : Layout.values()) {
            Site small = new Site(SMALL, layout);
            Site large = new Site(LARGE, layout);
            tell(layout + ", all: objects", small.last.objects(), large.last.objects());
            for (int round = 1; round <= ROUNDS; round++) {
                now = now.plusSeconds(60);
                small.round(round);
                large.round(round);
            }
            // The page and its file of the sitemap, each in three forms.
            assertThat(List.of(small.last.objects(), large.last.objects())).containsOnly(6);
            tell(layout + ", one page: ms", small.median(), large.median());
            tell("objects", small.last.objects(), large.last.objects());
            tell("bytes", small.last.bytes(), large.last.bytes());
            if (ALL) {
                assertThat(large.median() / small.median()).as("asked").isLessThanOrEqualTo(1.5);
            }
        }
    }

    private static void tell(String what, double few, double many) {
        System.out.printf(Locale.ROOT, "%-30s %10.1f %10.1f %7.2f%n", what, few, many, many / few);
    }
}
