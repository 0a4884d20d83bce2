package venue.server.survey;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.PageState;
import venue.core.live.sitemap.Sitemap;
import venue.core.live.sitemap.SitemapWriter;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.show.render.View;
import venue.server.app.Origins;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** The sitemap of the live site: as a table of all pages, and as search engines get it. */
@RestController
@RequestMapping("/api/sites/{site}")
class SitemapController {

    /** As many addresses as somebody reads. */
    private static final int SHOWN = 500;

    private final Origins origins;
    private final InstantSource clock;

    SitemapController(Origins origins, InstantSource clock) {
        this.origins = origins;
        this.clock = clock;
    }

    /**
     * A page in the sitemap's table.
     *
     * @param lastChanged ISO 8601, for those that the sitemap holds
     * @param whyNot why the live sitemap leaves it out; absent when it holds it
     */
    record SitemapRow(
            String page,
            String title,
            String address,
            PageState state,
            List<String> menus,
            @Nullable String lastChanged,
            @Nullable String whyNot) {}

    /** The sitemap of the live site. */
    record SitemapTable(String address, int held, List<SitemapRow> rows) {}

    @GetMapping("/sitemap")
    SitemapTable sitemap(Here here) {
        Standing standing = here.now();
        Edition working = standing.working();
        String origin = origins.of(working.site());
        List<SitemapRow> rows = working.plan()
                .inOrder()
                .map(id -> row(standing, working.require(Page.class, id)))
                .toList();
        int held = (int) rows.stream().filter(r -> r.whyNot() == null).count();
        return new SitemapTable(origin + "/sitemap.xml", held, rows);
    }

    private static SitemapRow row(Standing standing, Page page) {
        Edition working = standing.working();
        Optional<Page> released = standing.live().page(page.id());
        String why = Sitemap.whyNot(standing.live(), page.id()).orElse(null);
        return new SitemapRow(
                page.id(),
                page.title(),
                why == null ? standing.live().servedAt(released.orElseThrow()) : working.servedAt(page),
                PageState.of(working, standing.live(), page),
                working.inbound().menusTo(page.id()).stream()
                        .map(m -> working.find(m).map(Item::name).orElse(m))
                        .toList(),
                why == null ? String.valueOf(standing.changed().get(page.id())) : null,
                why);
    }

    /** How the live sitemap begins, as search engines get it. */
    @GetMapping(value = "/sitemap.xml", produces = MediaType.APPLICATION_XML_VALUE)
    String xml(Here here) throws IOException {
        Standing standing = here.now();
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        if (standing.release() > 0) {
            View view = View.of(
                            standing.live(),
                            clock.instant(),
                            origins.of(standing.live().site()),
                            View.Mode.VISITOR)
                    .seenBy(Visitor.STRANGER);
            SitemapWriter.write(Sitemap.addresses(view, standing.changed()).limit(SHOWN), n -> file);
        }
        return file.toString(StandardCharsets.UTF_8);
    }
}
