package venue.server.survey;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.edition.PageState;
import venue.core.live.sitemap.Sitemap;
import venue.core.live.sitemap.SitemapFiles;
import venue.core.live.sitemap.SitemapTable;
import venue.core.live.sitemap.SitemapWriter;
import venue.core.model.gate.Visitor;
import venue.core.show.render.View;
import venue.server.app.Origins;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** The sitemap of the live site: as a table of all pages, and as search engines get it. */
@RestController
@RequestMapping("/api/sites/{site}")
class SitemapController {

    /** As many rows, or addresses, as somebody reads at a time. */
    private static final int SHOWN = 500;

    private final Origins origins;
    private final InstantSource clock;

    SitemapController(Origins origins, InstantSource clock) {
        this.origins = origins;
        this.clock = clock;
    }

    /** Which rows are asked for. */
    enum Show {
        ALL,
        /** Those of which something does not agree. */
        ODDS,
        /** Those whose line the next release changes. */
        DIFFERING,
        /** Those that the live sitemap leaves out. */
        OUT;

        boolean holds(SitemapTable.Row row) {
            return switch (this) {
                case ALL -> true;
                case ODDS -> !row.odds().isEmpty();
                case DIFFERING -> row.next() != SitemapTable.Next.STAYS;
                case OUT -> row.out().isPresent();
            };
        }
    }

    /**
     * A page in the sitemap's table.
     *
     * @param level how deep it stands in the plan, from 0
     * @param lastChanged ISO 8601, for those that the sitemap holds
     * @param whyNot why the live sitemap leaves it out; absent when it holds it
     * @param status what is answered to strangers at its address (RFC 9110)
     * @param odds what does not agree, in sentences
     */
    record SitemapRow(
            String page,
            String title,
            int level,
            String address,
            PageState state,
            List<String> menus,
            @Nullable String lastChanged,
            @Nullable String whyNot,
            int status,
            SitemapTable.Next next,
            List<String> odds) {}

    /**
     * The sitemap of the live site beside the plan.
     *
     * @param held how many addresses it holds, those beneath pages among them
     * @param count of the rows, by what is shown
     */
    record SitemapPart(String address, long held, Map<Show, Long> count, List<SitemapRow> rows) {}

    /**
     * @param from how many rows are passed over
     */
    @GetMapping("/sitemap")
    SitemapPart sitemap(
            Here here, @RequestParam(defaultValue = "ALL") Show show, @RequestParam(defaultValue = "0") int from) {
        Standing standing = here.now();
        SitemapTable table = new SitemapTable(standing.working(), standing.live(), standing.changing(clock.instant()));
        List<SitemapTable.Row> all = table.rows().toList();
        Map<Show, Long> count = new EnumMap<>(Show.class);
        for (Show each : Show.values()) {
            count.put(each, all.stream().filter(each::holds).count());
        }
        return new SitemapPart(
                origins.of(standing.working().site()) + "/sitemap.xml",
                standing.release() == 0
                        ? 0
                        : Sitemap.addresses(view(standing), standing.changed()).count(),
                count,
                all.stream()
                        .filter(show::holds)
                        .skip(Math.max(0, from))
                        .limit(SHOWN)
                        .map(r -> row(standing, r))
                        .toList());
    }

    private static SitemapRow row(Standing standing, SitemapTable.Row row) {
        String id = row.page().id();
        return new SitemapRow(
                id,
                row.page().title(),
                row.level(),
                row.address(),
                PageState.of(standing.working(), standing.live(), row.page()),
                row.menus(),
                row.out().isEmpty() ? String.valueOf(standing.changed().get(id)) : null,
                row.out().orElse(null),
                row.answer().status(),
                row.next(),
                row.odds());
    }

    private View view(Standing standing) {
        return View.of(
                        standing.live(),
                        clock.instant(),
                        origins.of(standing.live().site()),
                        View.Mode.VISITOR)
                .seenBy(Visitor.STRANGER);
    }

    /** How the live sitemap begins, as search engines get it: where it is long, the index of its files. */
    @GetMapping(value = "/sitemap.xml", produces = MediaType.APPLICATION_XML_VALUE)
    String xml(Here here) throws IOException {
        Standing standing = here.now();
        if (standing.release() == 0) {
            return "";
        }
        SitemapFiles files = new SitemapFiles(view(standing), standing.changed());
        if (files.cut().size() > 1) {
            return files.index();
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        SitemapWriter.write(
                Sitemap.addresses(view(standing), standing.changed()).limit(SHOWN), n -> file);
        return file.toString(StandardCharsets.UTF_8);
    }
}
