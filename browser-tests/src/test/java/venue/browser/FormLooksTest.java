package venue.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import venue.server.Further;
import venue.server.Sampled;

/** Every ready-made form in each look and state, narrow and wide, by axe-core; and none is wider than its window. */
@Further
class FormLooksTest extends DemoTest {

    private static final String FORMS = """
            async () => (await (await fetch('/api/sites/kestrel-moor/catalog')).json()).readyForms.map((f) => f.id)
            """;
    private static final List<String> STATES = List.of("", "wrong", "taken");
    private static final List<Integer> WIDTHS = List.of(360, 1280);

    private static final String COMMENT = "form-comment";

    /** The element that shows a form. */
    private static String kind(String form) {
        return form.equals(COMMENT) ? "comments" : "form";
    }

    @Test
    void noneHasAViolationInAnyLook() {
        List<String> forms =
                ((List<?>) page.evaluate(FORMS)).stream().map(String::valueOf).toList();
        assertThat(forms).hasSize(9);
        forms.forEach(form -> Sampler.alone(page, "f-" + form, kind(form), Map.of("form", form)));
        Sampler.give(page, Map.of("verb", "set-value", "item", "f-" + COMMENT, "key", "comments", "value", "once"));
        String proofs = Sampler.proofs(page);
        List<String> all = new ArrayList<>();
        Stream.concat(Stream.of(""), Sampler.LOOKS.stream())
                .forEach(look -> forms.forEach(form -> STATES.forEach(state -> WIDTHS.forEach(width -> all.add(
                        width + " f-" + form + "?look=" + look + (state.isEmpty() ? "" : "&state=form:" + state))))));
        SoftAssertions found = new SoftAssertions();
        for (String at : Sampled.of("states of forms in looks", all, 8)) {
            int width = Integer.parseInt(at.substring(0, at.indexOf(' ')));
            page.setViewportSize(width, 900);
            page.navigate(proofs + "page/" + at.substring(at.indexOf(' ') + 1));
            found.assertThat(page.locator("main .filling:not(#form-letters-form)")
                            .count())
                    .as(at)
                    .isEqualTo(1);
            found.assertThat(page.evaluate("document.documentElement.scrollWidth"))
                    .as(at)
                    .isEqualTo(width);
            found.assertThat(Chromium.violations(page)).as(at).isEmpty();
        }
        found.assertAll();
    }
}
