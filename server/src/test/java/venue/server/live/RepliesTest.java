package venue.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RepliesTest {

    @ParameterizedTest
    @CsvSource({
        "gzip, true",
        "'br, gzip', true",
        "gzip;q=0.5, true",
        "'GZIP ; Q=0.001', true",
        "gzip;q=0, false",
        "'gzip;q=0.000, *', false",
        "*, true",
        "*;q=0, false",
        "'identity, x-gzip', true",
        "gzipped, false",
        "gzip;q=much, false",
        "'', false"
    })
    void gzipIsTakenByItsWeight(String accepted, boolean taken) {
        assertThat(Replies.takesGzip(accepted)).isEqualTo(taken);
    }
}
