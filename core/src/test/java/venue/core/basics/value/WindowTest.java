package venue.core.basics.value;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WindowTest {

    @ParameterizedTest(name = "{0} to {1} at {2}")
    @CsvSource({
        "'', '', 2026-03-01T12:00, true",
        "2026-03-01, 2026-03-01, 2026-03-01T00:00, true",
        "2026-03-01, 2026-03-01, 2026-03-01T23:59:59.9, true",
        "2026-03-01, 2026-03-01, 2026-03-02T00:00, false",
        "2026-03-01, '', 2026-02-28T23:59, false",
        "2026-03-01T09:00, 2026-03-01T17:00, 2026-03-01T09:00, true",
        "2026-03-01T09:00, 2026-03-01T17:00, 2026-03-01T16:59:59, true",
        "2026-03-01T09:00, 2026-03-01T17:00, 2026-03-01T17:00, false",
        "'', 2026-03-01T17:00, 2026-03-01T17:00:00.5, false"
    })
    void showsFromOneMomentAndBeforeAnother(String from, String until, String now, boolean on) {
        assertThat(new Window(from, until).isOn(now)).isEqualTo(on);
    }
}
