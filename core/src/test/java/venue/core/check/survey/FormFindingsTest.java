package venue.core.check.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.Given;
import venue.core.body.form.ReadyForms;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.page.Page;
import venue.core.model.section.Zones;

/** What is found of forms: by where they stand, what they ask, and what came of them. */
class FormFindingsTest {

    private static final Instant NOW = Instant.parse("2026-11-30T12:00:00Z");

    private Form form = ReadyForms.find("form-contact").orElseThrow().copy("ask", "Ask");
    private boolean mail = true;
    private boolean placed = true;
    private Map<String, Instant> oldest = Map.of();

    private List<String> found() {
        Page page = Sites.small()
                .require(Page.class, "weaving")
                .withZones(new Zones(Map.of(
                        "main", List.of(section("s1", "S", part("form").with("form", placed ? "ask" : "other"))))));
        Edition site = Sites.small().with(List.of(page, FieldKinds.check(form)), List.of());
        return FormFindings.in(site, new FormFindings.Around(mail, NOW, oldest, Given.NOTHING)).stream()
                .map(Finding::rule)
                .toList();
    }

    @Test
    void aFormThatIsAsItShouldBeIsNoFinding() {
        assertThat(found()).isEmpty();
        placed = false;
        assertThat(found()).containsExactly("form-nowhere");
        form = form.retired(true);
        assertThat(found()).isEmpty();
        placed = true;
        assertThat(found()).containsExactly("form-retired");
    }

    @Test
    void lettersThatGoNowhereAndNamesWithoutConsentAreFoundAndMended() {
        form = form.with("letter", Value.of(true));
        assertThat(found()).isEmpty();
        mail = false;
        assertThat(found()).containsExactly("form-mail-nowhere");
        mail = true;
        List<FormField> fields = new ArrayList<>(form.fields());
        fields.removeIf(f -> f.type().equals("consent"));
        form = form.asking(fields);
        assertThat(found()).containsExactly("form-without-consent");
        fields.removeIf(f -> f.type().equals("email"));
        form = form.asking(fields);
        assertThat(found()).containsExactly("form-mail-nowhere", "form-without-consent");
    }

    @Test
    void whatNobodyReadInAWeekIsFound() {
        oldest = Map.of("ask", NOW.minusSeconds(7 * 86_400));
        assertThat(found()).isEmpty();
        oldest = Map.of("ask", NOW.minusSeconds(7 * 86_400 + 1));
        assertThat(found()).containsExactly("answers-wait");
    }
}
