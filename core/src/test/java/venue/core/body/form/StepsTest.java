package venue.core.body.form;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.body.form.Sending.State;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.page.Page;
import venue.core.model.section.Zones;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** A long form is filled in step by step, and nothing of it is lost on the way; files are what their bytes say. */
class StepsTest {

    private static final Form LONG = FieldKinds.check(new Form(
            "long",
            "Long",
            List.of(
                    FormField.of("one", "About you", "step"),
                    FormField.of("name", "Name", "words").asked(),
                    FormField.of("plan", "Plan", "files").with("sorts", "any"),
                    FormField.of("two", "About it", "step"),
                    FormField.of("many", "How many?", "number").asked()),
            Map.of(),
            false));

    private final Page page = Sites.small()
            .require(Page.class, "weaving")
            .withZones(new Zones(Map.of(
                    "main", List.of(section("s1", "S", part("form").with("form", "long"))))));
    private final Edition site = Sites.small().with(List.of(page, LONG), List.of());
    private final Map<String, List<String>> sent = new HashMap<>();

    private View view(View.Mode mode) {
        return View.of(site, java.time.Instant.parse("2026-11-20T12:00:00Z"), "http://y", mode);
    }

    private Document drawn(View view) {
        return Jsoup.parse(PageRenderer.render(view, page).html());
    }

    /** Presses a button of what is drawn: all that stands in its controls goes along. */
    private Sending press(Document drawn, String go) {
        drawn.select(".filling [name]").forEach(c -> {
            if (!c.tagName().equals("button") && !c.attr("type").equals("file")) {
                sent.put(c.attr("name"), List.of(c.val()));
            }
        });
        sent.computeIfPresent("plan.kept", (k, v) -> List.of("f1/900/pdf/plan.pdf"));
        sent.put(FormNames.GO, List.of(go));
        Posted posted = new Posted(sent);
        Filling filling = new Filling(LONG, view(View.Mode.VISITOR).offering(page, Locale.UK));
        Map<String, Mistake> mistakes = filling.check(posted).mistakes();
        return filling.onTheWay(posted, mistakes).orElseGet(() -> Sending.sent("long", State.SENT));
    }

    private Document at(Sending sending) {
        View view = view(View.Mode.VISITOR);
        return drawn(view.telling(view.facts().at(sending)));
    }

    @Test
    void stepByStepAndLookedOverBeforeItIsSent() {
        Document first = drawn(view(View.Mode.VISITOR));
        assertThat(first.select(".steps").text()).isEqualTo("Step 1 of 3 About you");
        assertThat(first.select("form").attr("enctype")).isEqualTo("multipart/form-data");
        Sending refused = press(first, "");
        assertThat(refused.state()).isEqualTo(State.REFUSED);
        assertThat(refused.mistakes()).containsOnlyKeys("name");
        Document again = at(refused);
        again.select("[name=name]").val("Ada <b>");
        sent.put("plan", List.of());
        sent.put("plan.kept", List.of("f1/900/pdf/plan.pdf"));
        Document second = at(press(again, ""));
        assertThat(second.select(".steps").text()).isEqualTo("Step 2 of 3 About it");
        assertThat(second.select("input[type=hidden][name=name]").val()).isEqualTo("Ada <b>");
        assertThat(second.select("input[type=hidden][name=plan.kept]").val()).isEqualTo("f1");
        assertThat(at(press(second, "1"))
                        .select("input[name=plan.kept][checked]")
                        .val())
                .isEqualTo("f1");
        sent.put(FormNames.STEP, List.of("2"));
        assertThat(press(second, "").mistakes()).containsOnlyKeys("many");
        second.select("[name=many]").val("3");
        Document over = at(press(second, ""));
        assertThat(over.select(".said dd").eachText()).containsExactly("Ada <b>", "plan.pdf · 1 kB", "3");
        assertThat(press(over, FormNames.GO_OFF).state()).isEqualTo(State.SENT);
        assertThat(press(over, FormNames.GO_BACK).step()).isEqualTo(2);
    }

    @Test
    void thoseWhoMakeItSeeAllStepsAtOnce() {
        Document whole = drawn(view(View.Mode.MARKED));
        assertThat(whole.select(".steps b").eachText()).containsExactly("About you", "About it");
        assertThat(whole.select(".filling [name=name], .filling [name=many]")).hasSize(2);
    }

    private static String ending(String name, String head) {
        return FileSigns.ending(name, head.getBytes(StandardCharsets.ISO_8859_1));
    }

    @Test
    void aFileIsWhatItsBytesSayWhateverItIsCalled() {
        assertThat(ending("plan.txt", "%PDF-1.7")).isEqualTo("pdf");
        assertThat(ending("a.png", "\u0089PNG\r\n\u001a\n")).isEqualTo("png");
        assertThat(ending("a.jpg", "<svg onload=alert(1)>")).isEmpty();
        assertThat(ending("a.docx", "PK\u0003\u0004")).isEqualTo("docx");
        assertThat(ending("a.zip", "PK\u0003\u0004")).isEmpty();
        assertThat(ending("a.txt", "MZ\0\0")).isEmpty();
        assertThat(ending("a.txt", "Dear all")).isEqualTo("txt");
        assertThat(new SentFile("f", 1, "pdf", "C:\\plans\\" + "x".repeat(300) + ".pdf").name())
                .hasSize(120)
                .endsWith(".pdf");
    }
}
