package venue.core.model.property;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import venue.core.basics.value.Value;

/** The same answers as the interface's, whose test is property/values.test.ts. */
class WhenTest {

    private static final Map<String, Value> HELD =
            Map.of("shape", Value.of("cards"), "dates", Value.of(true), "facts", Value.of(false));

    @ParameterizedTest
    @CsvSource({
        "'', true",
        "shape, true",
        "shape=cards, true",
        "shape=rows|cards, true",
        "shape=rows|line, false",
        "shape!=cards, false",
        "shape!=rows, true",
        "dates, true",
        "facts, false",
        "group, false",
        "group!=none, false",
    })
    void aPropertyMattersByWhatItsNeighbourHolds(String text, boolean matters) {
        assertThat(new When(text).holds(HELD::get)).isEqualTo(matters);
    }
}
