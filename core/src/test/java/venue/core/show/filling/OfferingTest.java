package venue.core.show.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.Filling;
import venue.core.body.form.Given;
import venue.core.body.form.Offer;
import venue.core.body.form.Posted;
import venue.core.body.form.ReadyForms;
import venue.core.body.form.Sending;
import venue.core.body.form.VisitorFacts;
import venue.core.check.survey.FormFindings;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Zones;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** What can be chosen in a form, what is left of it, and where that is said. */
class OfferingTest {

    private static final Instant NOW = Instant.parse("2026-11-30T12:00:00Z");
    private static final Given GIVEN = (form, item) -> switch (item) {
        case "full" -> new Given.Count(4, 0, 2);
        case "half" -> new Given.Count(3, 0, 0);
        default -> Given.Count.NONE;
    };

    private Edition site;
    private Form form;

    private static Page night(String id, long position, String day) {
        return Page.of(id, "Night " + id, id, "night")
                .withPlace(null, position << 20)
                .withField("date", Value.of(day + "T19:00"))
                .withField("places", Value.of(4));
    }

    @BeforeEach
    void book() {
        Kind kind = Kind.named(
                "night",
                "Night",
                "",
                List.of(
                        Property.of("date", "When", PropertyType.DATE_TIME).listed(),
                        Property.number("places", "Places", 1, 200, 40, "people")
                                .listed()));
        Form ready = ReadyForms.find("form-booking").orElseThrow().copy("book", "Book");
        List<FormField> fields = new ArrayList<>(ready.fields());
        fields.set(0, fields.get(0).with("kind", "night"));
        form = FieldKinds.check(ready.asking(fields));
        Edition small = Sites.small();
        Page page = small.require(Page.class, "weaving")
                .withZones(new Zones(Map.of(
                        "main",
                        List.of(
                                section("s1", "S", part("form").with("form", "book")),
                                section(
                                        "s2",
                                        "L",
                                        part("listing").with("kind", "night").with("facts", Value.of(true)))))));
        site = small.with(
                List.of(
                        kind,
                        form,
                        page,
                        night("past", 10, "2026-11-20"),
                        night("full", 11, "2026-12-04"),
                        night("half", 12, "2026-12-18"),
                        night("free", 13, "2027-01-15")),
                List.of());
    }

    private View view() {
        return View.of(site, NOW, "http://y", View.Mode.VISITOR)
                .telling(new VisitorFacts(GIVEN, Sending.NOTHING, "", true));
    }

    private Offering offering() {
        return view().offering(site.require(Page.class, "weaving"), Locale.UK);
    }

    private Document drawn(View view) {
        return Jsoup.parse(
                PageRenderer.render(view, site.require(Page.class, "weaving")).html());
    }

    private List<String> found(Instant now, Given.Count half) {
        return FormFindings.in(
                        site,
                        new FormFindings.Around(
                                true, now, Map.of(), (f, item) -> item.equals("half") ? half : Given.Count.NONE))
                .stream()
                .map(f -> f.rule() + " " + f.item())
                .toList();
    }

    @Test
    void moreGivenThanThereAreAndNothingLeftToChooseIsFound() {
        assertThat(found(NOW, new Given.Count(4, 0, 2))).isEmpty();
        assertThat(found(NOW, new Given.Count(6, 2, 0))).as("by managers").isEmpty();
        assertThat(found(NOW, new Given.Count(6, 1, 0))).containsExactly("places-lowered half");
        assertThat(found(NOW.plusSeconds(90L * 86_400), Given.Count.NONE)).containsExactly("form-all-past book");
    }

    private Filling filling() {
        return new Filling(form, offering());
    }

    private static Posted booking(String night, int people) {
        return new Posted(Map.of(
                "which", List.of(night),
                "people", List.of(String.valueOf(people)),
                "name", List.of("Ada"),
                "email", List.of("ada@moor.example"),
                "consent", List.of("yes")));
    }

    @Test
    void whatIsToComeIsOfferedByItsDayWithWhatIsLeft() {
        assertThat(offering().offers(form.fields().get(0)))
                .extracting(Offer::id)
                .containsExactly("full", "half", "free");
        assertThat(offering().offers(form.fields().get(0)))
                .extracting(o -> o.seats().left())
                .containsExactly(0, 1, 4);
        assertThat(offering().offers(FormField.of("x", "X", "words"))).isEmpty();
        form = form.asking(List.of(form.fields().get(0).with("toCome", Value.of(false))));
        assertThat(offering().offers(form.fields().get(0)))
                .filteredOn(Offer::closed)
                .extracting(Offer::id)
                .containsExactly("past");
        assertThat(filling().check(booking("past", 1)).mistakes()).containsKey("which");
    }

    @Test
    void itIsSaidWhereverTheNumberIsAndNowhereOnPagesThatLeaveThisMachine() {
        Document page = drawn(view());
        assertThat(page.select(".offer .left").eachText())
                .containsExactly("full · 2 wait · wait too", "1 place left", "4 places left");
        assertThat(page.select(".send button").attr("data-many")).isEqualTo("Book # places");
        assertThat(drawn(view().telling(new VisitorFacts(
                                GIVEN, Sending.later("book", Map.of("people", List.of("3"))), "", true)))
                        .select(".send button")
                        .text())
                .isEqualTo("Book 3 places");
        assertThat(page.select(".listing").text())
                .contains("full · 2 wait", "1 place left")
                .doesNotContain("4 people");
        Document away = drawn(view().telling(VisitorFacts.AWAY));
        assertThat(away.select("form")).isEmpty();
        assertThat(away.select(".filling").text()).isEqualTo("Nothing can be sent here at the moment.");
        assertThat(away.text()).doesNotContain("left").contains("4 people");
        site = site.with(List.of(form.retired(true)), List.of());
        assertThat(drawn(view()).select(".filling")).isEmpty();
    }

    @Test
    void whatIsFullCanBeWaitedForUnlessTheFormSaysOtherwise() {
        Filling waits = filling();
        assertThat(waits.check(booking("full", 1)).mistakes()).isEmpty();
        assertThat(waits.chosen(waits.check(booking("half", 3)).values())
                        .orElseThrow()
                        .words())
                .isEqualTo("Night half, Friday 18 December 2026, 19:00");
        form = form.with("waiting", Value.of(false));
        site = site.with(List.of(form), List.of());
        assertThat(filling().check(booking("full", 1)).mistakes()).containsOnlyKeys("which");
        assertThat(filling().check(booking("half", 2)).mistakes()).containsOnlyKeys("which");
        assertThat(filling().check(booking("half", 1)).mistakes()).isEmpty();
        assertThat(drawn(view()).select(".offer input[disabled]").eachAttr("value"))
                .containsExactly("full");
        assertThat(drawn(view()).select(".offers u")).isEmpty();
        site = site.with(List.of(), List.of("half", "free"));
        Document full = drawn(view());
        assertThat(full.select(".filling .thanks").text()).isEqualTo("All places are given.");
        assertThat(full.select(".offer")).hasSize(1);
        assertThat(full.select(".filling form, .filling button")).isEmpty();
    }
}
