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

/** The pages where members come in, ask, look after themselves and leave, each of their states in each look, by axe-core. */
@Further
class MembersLooksTest extends DemoTest {

    private static final String STATES = """
            async () => (await (await fetch('/api/sites/kestrel-moor/catalog')).json()).elements
              .filter((e) => e.states.length && !['form', 'comments'].includes(e.key))
              .flatMap((e) => ['', ...e.states].map((s) => e.key + ':' + s))
            """;

    @Test
    void noneOfTheirStatesHasAViolationInAnyLook() {
        List<String> states =
                ((List<?>) page.evaluate(STATES)).stream().map(String::valueOf).toList();
        assertThat(states).contains("sign-in:", "sign-in:refused", "join:sent", "my-page:saved", "leave:done");
        states.stream()
                .map(s -> s.replaceAll(":.*", ""))
                .distinct()
                .forEach(kind -> Sampler.alone(page, "m-" + kind, kind, Map.of()));
        String proofs = Sampler.proofs(page);
        List<String> all = new ArrayList<>();
        Stream.concat(Stream.of(""), Sampler.LOOKS.stream())
                .forEach(look -> states.forEach(s -> all.add(
                        "m-" + s.replaceAll(":.*", "") + "?look=" + look + (s.endsWith(":") ? "" : "&state=" + s))));
        SoftAssertions found = new SoftAssertions();
        for (String at : Sampled.of("states of members' pages in looks", all, 6)) {
            page.navigate(proofs + "page/" + at);
            found.assertThat(page.locator("main .members").count()).as(at).isEqualTo(1);
            found.assertThat(Chromium.violations(page)).as(at).isEmpty();
        }
        found.assertAll();
    }
}
