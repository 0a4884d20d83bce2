package venue.browser;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;

/** A page with every kind of element on it, made through the API as the window's person; see {@code sampler.json}. */
final class Sampler {

    /** Gives a command as the window’s person; tells why it is refused. */
    static final String GIVE = """
            async (command) => {
              const token = /XSRF-TOKEN-\\w+=([^;]*)/.exec(document.cookie)[1]
              const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
              const body = JSON.stringify({ command, seen: {}, request: crypto.randomUUID() })
              const answer = await fetch('/api/sites/kestrel-moor/commands', { method: 'POST', headers, body })
              return answer.ok ? '' : await answer.text()
            }
            """;

    private static final String MAKE = """
            async (kinds) => {
              const give = %s
              const told = []
              const page = 'sampler'
              told.push(await give({ verb: 'make-pages', where: {}, as: { kind: 'standard' }, pages: [{ id: page, title: 'Sampler' }], menus: [], settings: {} }))
              for (const [kind, props] of Object.entries(kinds)) {
                const section = 'sec-' + kind
                told.push(await give({ verb: 'place-section', item: page, zone: 'main', index: 99, id: section, spans: [12] }))
                told.push(await give({ verb: 'place-element', item: page, section, column: 'c1', index: 0, id: 'e-name', kind: 'heading', props: { text: kind, size: 'small' } }))
                told.push(await give({ verb: 'place-element', item: page, section, column: 'c1', index: 1, id: 'e-' + kind, kind, props }))
              }
              told.push(await give({ verb: 'set-value', item: 'site', key: 'social', value: 'Letters https://letters.example' }))
              told.push(await give({ verb: 'set-value', item: 'site', key: 'frameHosts', value: 'films.example.org\\nbooking.example.org' }))
              return told.filter((words) => words)
            }
            """.formatted(GIVE);
    private static final String SITE = "async () => (await (await fetch('/api/sites/kestrel-moor')).json()).proofs";
    private static final String PATTERNS =
            "async () => (await (await fetch('/api/sites/kestrel-moor/catalog')).json()).patterns.map(p => p.id)";

    /** The ready-made ones. */
    static final List<String> LOOKS = List.of(
            "dusk", "press", "pebble", "almanac", "nightwatch", "orchard", "plate", "civic", "herbarium", "placard");

    private static String proofs = "";

    private Sampler() {}

    /** Makes the page; gives what was refused. The window must show the interface. */
    static List<?> make(Page page) {
        proofs = proofs(page);
        return (List<?>) page.evaluate("async (words) => (" + MAKE + ")(JSON.parse(words))", read());
    }

    /** Where the site's proofs are served. The window must show the interface. */
    static String proofs(Page page) {
        return String.valueOf(page.evaluate(SITE));
    }

    static String proof(Page page, String path) {
        return proofs + path;
    }

    static List<String> patterns(Page page) {
        return ((List<?>) page.evaluate(PATTERNS)).stream().map(String::valueOf).toList();
    }

    /** Gives a command as the window's person; the answer is empty, or the refusal. */
    static String give(Page page, Map<String, Object> command) {
        return String.valueOf(page.evaluate(GIVE, command));
    }

    /** A page that holds one element of a kind alone. */
    static void alone(Page page, String id, String kind, Map<String, Object> props) {
        give(
                page,
                Map.of(
                        "verb", "make-pages",
                        "where", Map.of(),
                        "as", Map.of("kind", "standard"),
                        "pages", List.of(Map.of("id", id, "title", "Alone: " + id)),
                        "menus", List.of(),
                        "settings", Map.of()));
        give(
                page,
                Map.of(
                        "verb",
                        "place-section",
                        "item",
                        id,
                        "zone",
                        "main",
                        "index",
                        0,
                        "id",
                        "s1",
                        "spans",
                        List.of(12)));
        give(
                page,
                Map.of(
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
                        props));
    }

    /** Writes into one property of the sampler's element of a kind. */
    static void write(Page page, String kind, String key, String words) {
        page.evaluate(
                GIVE,
                Map.of(
                        "verb",
                        "set-value",
                        "item",
                        "sampler",
                        "section",
                        "sec-" + kind,
                        "element",
                        "e-" + kind,
                        "key",
                        key,
                        "value",
                        words));
    }

    private static String read() {
        try (var in = Sampler.class.getResourceAsStream("sampler.json")) {
            return new String(java.util.Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
