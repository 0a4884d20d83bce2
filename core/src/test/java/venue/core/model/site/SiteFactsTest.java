package venue.core.model.site;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;

class SiteFactsTest {

    private static Property fact(String key) {
        return SiteFacts.all().stream()
                .filter(f -> f.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "social, Fieldnotes https://fieldnotes.example/@kestrel",
        "social, https://fieldnotes.example",
        "social, Letters mailto:post@kestrel-moor.example",
        "frameHosts, video.example",
        "frameHosts, localhost",
        "hours, anything: at all"
    })
    void linesThatFitAreKept(String key, String line) {
        Value kept = Value.of("\n" + line + "\n");
        assertThat(PropertyCheck.one(fact(key), kept, key)).isEqualTo(kept);
    }

    @ParameterizedTest
    @CsvSource({
        "social, Fieldnotes",
        "social, Fieldnotes javascript:alert(1)",
        "social, Fieldnotes https://",
        "social, Fieldnotes //evil.example",
        "frameHosts, https://video.example",
        "frameHosts, video.example/watch",
        "frameHosts, *",
        "frameHosts, -video.example"
    })
    void theFirstLineThatDoesNotFitIsNamed(String key, String line) {
        String first = key.equals("social") ? "A https://a.example" : "a.example";
        assertThatThrownBy(() -> PropertyCheck.one(fact(key), Value.of(first + "\n" + line), key))
                .isInstanceOfSatisfying(Refusal.class, r -> {
                    assertThat(r.getMessage()).startsWith("Line 2: ").contains(line);
                    assertThat(r.field()).isEqualTo(key);
                });
    }
}
