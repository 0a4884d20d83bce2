package venue.server.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.value.Value;
import venue.core.change.edit.value.ValueCommand;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.sitemap.SitemapPath;
import venue.core.model.page.Page;
import venue.demo.KestrelMoor;
import venue.server.app.Origins;
import venue.store.database.DataFolder;
import venue.store.database.Database;
import venue.store.media.MediaFiles;
import venue.store.workspace.AskedRequest;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** The sitemap of a long site: an index, and files that stay. */
class LiveSitemapsTest {

    private static final PersonId MAJA = new PersonId("maja");
    private static final String ORIGIN = "https://kestrel-moor.example";
    private static final Pattern FILE = Pattern.compile("<sitemap><loc>" + ORIGIN + "([^<]*)</loc>");
    private static final Pattern ADDRESS = Pattern.compile("<url><loc>[^<]*</loc>");

    @TempDir
    Path top;

    private Instant now = Instant.parse("2026-12-01T12:00:00Z");

    @Test
    void aPageThatChangesChangesOneFileAndADeliveryAsksForThatOne() throws IOException {
        Origins origins = mock(Origins.class);
        when(origins.of(any())).thenReturn(ORIGIN);
        try (DataFolder data = DataFolder.open(top);
                Database database = Database.open(top)) {
            Stream<Item> more = IntStream.range(0, 1_100)
                    .mapToObj(n -> Page.of("made-up-" + n, "Made up " + n, "made-up-" + n, "standard"));
            List<Item> items = Stream.concat(KestrelMoor.items(LocalDate.of(2026, 11, 25)).stream(), more)
                    .toList();
            Workspace moor = new Workspaces(database, () -> now, new Random(3)).begin(KestrelMoor.ID, MAJA, items);
            LiveSitemaps sitemaps = new LiveSitemaps(data, origins, () -> now);
            assertThat(sitemaps.at(moor, SitemapPath.FIRST).status())
                    .as("nothing is live")
                    .isEqualTo(404);
            release(moor);
            Map<String, String> before = files(sitemaps, moor);
            assertThat(before).hasSize(4);
            assertThat(before.values().stream()
                            .mapToLong(f -> ADDRESS.matcher(f).results().count())
                            .sum())
                    .isGreaterThan(1_100);
            assertThat(Stream.of("/sitemap-5.xml", "/sitemap-1-2.xml", "/sitemap-999999.xml"))
                    .allMatch(p ->
                            sitemaps.at(moor, SitemapPath.of(p).orElseThrow()).status() == 404);
            now = now.plusSeconds(100);
            moor.run(AskedRequest.of(
                    MAJA, ValueCommand.setValue("welcome", "welcome-main1", "e1", "text", Value.of("New"))));
            release(moor);
            Map<String, String> after = files(sitemaps, moor);
            List<String> others = after.keySet().stream()
                    .filter(f -> !after.get(f).equals(before.get(f)))
                    .toList();
            assertThat(others).hasSize(1);
            HeldSite held = new HeldSite(moor, new MediaFiles(top.resolve("media")), ORIGIN, now);
            assertThat(held.told(List.of("welcome"))).containsAll(others).hasSize(3);
            assertThat(new String(held.answer(others.get(0)).content().bytes(), StandardCharsets.UTF_8))
                    .isEqualTo(after.get(others.get(0)));
            try (Stream<Path> lie = Files.list(top.resolve("sitemaps/kestrel-moor"))) {
                assertThat(lie).as("what was before goes").hasSize(8);
            }
        }
    }

    private static void release(Workspace site) {
        site.releasing()
                .release(
                        MAJA,
                        "",
                        site.now().plan().entries().stream()
                                .map(ReleaseEntry::item)
                                .toList());
    }

    /** Those that the index names, as they are sent. */
    private static Map<String, String> files(LiveSitemaps sitemaps, Workspace site) throws IOException {
        Map<String, String> files = new TreeMap<>();
        byte[] index = sitemaps.at(site, SitemapPath.FIRST).sent().body();
        for (String path : FILE.matcher(new String(index, StandardCharsets.UTF_8))
                .results()
                .map(r -> r.group(1))
                .toList()) {
            Path lies =
                    sitemaps.at(site, SitemapPath.of(path).orElseThrow()).sent().file();
            files.put(path, Files.readString(lies));
        }
        return files;
    }
}
