package venue.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;

/** The pages where members come in, ask, look after themselves and leave, each of their states in each look, by axe-core. */
class MembersLooksTest extends DemoTest {

    private static final String STATES = """
            async () => (await (await fetch('/api/sites/kestrel-moor/catalog')).json()).elements
              .filter((e) => e.states.length)
              .flatMap((e) => ['', ...e.states].map((s) => e.key + ':' + s))
            """;

    @Test
    void noneOfTheirStatesHasAViolationInAnyLook() {
        List<String> states =
                ((List<?>) page.evaluate(STATES)).stream().map(String::valueOf).toList();
        assertThat(states).contains("sign-in:", "sign-in:refused", "join:sent", "my-page:saved", "leave:done");
        states.stream().map(s -> s.replaceAll(":.*", "")).distinct().forEach(this::made);
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

    /** A page that holds the element of that kind alone. */
    private void made(String kind) {
        String id = "m-" + kind;
        give(Map.of(
                "verb", "make-pages",
                "where", Map.of(),
                "as", Map.of("kind", "standard"),
                "pages", List.of(Map.of("id", id, "title", "Members: " + kind)),
                "menus", List.of(),
                "settings", Map.of()));
        give(Map.of("verb", "place-section", "item", id, "zone", "main", "index", 0, "id", "s1", "spans", List.of(12)));
        give(Map.of(
                "verb",
                "place-element",
                "item",
                id,
                "section",
                "s1",
                "column",
                "c1",
                "index",
                0,
                "id",
                "e1",
                "kind",
                kind,
                "props",
                Map.of()));
    }

    private void give(Map<String, Object> command) {
        Sampler.give(page, command);
    }
}
