package venue.core.live.sitemap;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.show.render.View;

class SitemapTest {

    private static final Instant NOW = Instant.parse("2026-11-23T12:00:00Z");

    @Test
    void homeStandsOnceAsSlashAndWhatIsKeptOutIsLeftOut() {
        Edition site =
                Sites.after(Sites.small(), ValueCommand.setValue("weaving", null, null, "keepOut", Value.of(true)));
        assertThat(entries(site))
                .extracting(Sitemap.Address::address)
                .containsExactly("http://y/", "http://y/workshops");
    }

    @Test
    void filesAreSplitByAddressesAndByBytesAndNamedByAnIndex() throws IOException {
        List<Sitemap.Address> many =
                Stream.generate(() -> entries(Sites.small()).get(0)).limit(25).toList();
        assertThat(files(many, 10, 1_000_000)).hasSize(3);
        int two = files(many.subList(0, 2), 100, 1_000_000).get(0).length();
        assertThat(files(many, 100, two)).hasSize(13).allMatch(f -> f.length() <= two);
        assertThat(SitemapWriter.index("http://y", 2))
                .contains("<loc>http://y/sitemap-1.xml</loc>", "<loc>http://y/sitemap-2.xml</loc>");
    }

    @Test
    void changedIsWhenThePageItselfChangedAndWhatRobotsMayNotFetchIsLeftOut() throws IOException {
        assertThat(files(entries(Sites.small()), 10, 10_000).get(0))
                .contains("<lastmod>2026-11-23T12:00:00Z</lastmod>");
        Value rule = Value.fromJson(List.of(Map.of("path", "/workshops/")));
        Edition site = Sites.after(Sites.small(), ValueCommand.setValue("site", null, null, "robots", rule));
        assertThat(entries(site))
                .extracting(Sitemap.Address::address)
                .containsExactly("http://y/", "http://y/workshops");
    }

    private static List<String> files(List<Sitemap.Address> addresses, int mostAddresses, int mostBytes)
            throws IOException {
        List<ByteArrayOutputStream> files = new ArrayList<>();
        SitemapWriter.write(
                addresses.stream(),
                n -> {
                    files.add(new ByteArrayOutputStream());
                    return files.get(n - 1);
                },
                mostAddresses,
                mostBytes);
        return files.stream().map(f -> f.toString(StandardCharsets.UTF_8)).toList();
    }

    private static List<Sitemap.Address> entries(Edition site) {
        View view = View.of(site, NOW, "http://y", View.Mode.VISITOR);
        return Sitemap.addresses(view, Map.of("home", NOW)).toList();
    }
}
