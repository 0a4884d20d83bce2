package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** Behind a proxy that is trusted: its word is taken for where a request comes from, and nobody else's. */
@ServerTest
@TestPropertySource(properties = "venue.trusted-proxies=127.0.0.1,::1,10.0.0.0/8")
class ProxyTest {

    @LocalServerPort
    private int port;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "X-Forwarded-For | 203.0.113.7                     | 203.0.113.7",
                "X-Forwarded-For | 198.51.100.1, 203.0.113.8       | 203.0.113.8",
                "X-Forwarded-For | 203.0.113.9, 10.1.2.3           | 203.0.113.9",
                "X-Forwarded-For | 203.0.113.10:4711               | 203.0.113.10",
                "Forwarded       | for=203.0.113.11;proto=https    | 203.0.113.11",
                "Forwarded       | for=[2001:db8::7]:4711          | 2001:db8::7",
                "X-Forwarded-For | evil.example                    | 127.0.0.1",
                "X-Unheard-Of    | 203.0.113.12                    | 127.0.0.1"
            })
    void theClientIsTheLastThatNoTrustedProxyHas(String header, String value, String from) {
        Client.failsFrom(port, header, value);
        assertThat(Client.signedIn(port, "maja")
                        .get("/api/record?deed=SIGN_IN_FAILED")
                        .body())
                .contains("\"origin\":\"" + from + "\"");
    }
}
