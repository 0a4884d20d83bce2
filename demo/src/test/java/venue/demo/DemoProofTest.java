package venue.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** The proof of every page of the demo is what those get who may see it, but for its marks. */
class DemoProofTest {

    private static final Edition SITE = Edition.of(KestrelMoor.items(LocalDate.parse("2026-11-28")));

    @Test
    void withoutItsMarksTheProofIsTheLivePage() {
        SITE.all(Page.class).forEach(page -> {
            Document proof = body(page, View.Mode.MARKED);
            proof.select("[data-unseen]").remove();
            proof.select("[data-s], [data-e], [data-w], [data-rich]")
                    .removeAttr("data-s")
                    .removeAttr("data-e")
                    .removeAttr("data-w")
                    .removeAttr("data-rich");
            assertThat(proof.select("main").outerHtml())
                    .as(page.id())
                    .isEqualTo(body(page, View.Mode.VISITOR).select("main").outerHtml());
        });
    }

    private static Document body(Page page, View.Mode mode) {
        View view = View.of(SITE, Instant.parse("2026-11-28T12:00:00Z"), "http://" + KestrelMoor.HOST, mode)
                .seenBy(Visitor.US);
        Document parsed = Jsoup.parse(PageRenderer.render(view, page).html());
        parsed.outputSettings().prettyPrint(false);
        // Whoever writes it sees the place of the name; nobody is greeted who is no member.
        parsed.select("section:has(.greeting)").remove();
        // Whoever makes an order form sees it with something in the basket.
        parsed.select(".filling:has(.basket, .taken)").remove();
        return parsed;
    }
}
