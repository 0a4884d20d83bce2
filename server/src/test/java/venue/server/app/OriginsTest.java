package venue.server.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.util.unit.DataSize;
import venue.core.model.site.Site;

class OriginsTest {

    private static final Site SITE = Site.of("Kestrel Moor Observatory", "en-GB", ZoneId.of("UTC"), "dusk", "plain")
            .withHosts(List.of("kestrel-moor.example"))
            .withHome("welcome");

    @ParameterizedTest
    @CsvSource({
        "http, 80, http://kestrel-moor.example",
        "http, 8080, http://kestrel-moor.example:8080",
        "https, 443, https://kestrel-moor.example",
        "https, 8443, https://kestrel-moor.example:8443",
        "https, 80, https://kestrel-moor.example:80"
    })
    void theUsualPortIsLeftOut(String scheme, int port, String origin) {
        Origins origins = new Origins(
                new Settings(Path.of("data"), "venue.example", scheme, port, DataSize.ofGigabytes(5), null, false));
        assertThat(origins.of(SITE)).isEqualTo(origin);
        assertThat(origins.ofInterface()).containsExactly(origin.replace("kestrel-moor", "venue"));
    }

    @ParameterizedTest
    @CsvSource({
        "localhost, localhost, true",
        "localhost, 127.0.0.1, true",
        "venue.example, 127.0.0.1, false",
        "localhost, kestrel-moor.localhost, false"
    })
    void theInterfaceAnswersToItsOwnNameOnly(String host, String asked, boolean answers) {
        Settings settings = new Settings(Path.of("data"), host, "http", 0, DataSize.ofGigabytes(5), null, false);
        assertThat(settings.isInterface(asked)).isEqualTo(answers);
    }
}
