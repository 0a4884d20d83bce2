package venue.server.metrics;

import io.micrometer.core.instrument.MultiGauge;
import io.micrometer.core.instrument.Tags;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.server.app.InPublic;
import venue.server.delivery.Delivering;

/**
 * The numbers in Prometheus' text format: for whoever is on this machine itself, or has the token. What a trusted proxy passes on
 * comes from elsewhere, whatever it says.
 */
@RestController
class MetricsController {

    private static final String FORMAT = "text/plain; version=0.0.4; charset=utf-8";
    private static final String BEARER = "Bearer ";

    private final PrometheusMeterRegistry meters;
    private final InPublic here;
    private final MultiGauge lagging;
    private final Delivering delivering;

    MetricsController(PrometheusMeterRegistry meters, InPublic here, MultiGauge lagging, Delivering delivering) {
        this.lagging = lagging;
        this.delivering = delivering;
        this.meters = meters;
        this.here = here;
    }

    @GetMapping("/-/metrics")
    ResponseEntity<String> metrics(HttpServletRequest asked) throws UnknownHostException {
        if (!isHere(asked) && !hasToken(asked.getHeader(HttpHeaders.AUTHORIZATION))) {
            return ResponseEntity.status(HttpStatus.UNAUTHORIZED)
                    .header(HttpHeaders.WWW_AUTHENTICATE, "Bearer realm=\"metrics\"")
                    .header(HttpHeaders.CONTENT_TYPE, "text/plain; charset=utf-8")
                    .body("Ask from the server's own machine, or with the token that is set as metrics-token.\n");
        }
        lagging.register(
                delivering.lagging().stream()
                        .map(name -> MultiGauge.Row.of(Tags.of("delivery", name), 1))
                        .toList(),
                true);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, FORMAT)
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .body(meters.scrape());
    }

    private static boolean isHere(HttpServletRequest asked) throws UnknownHostException {
        return asked.getAttribute(InPublic.FORWARDED) == null
                && InetAddress.getByName(asked.getRemoteAddr()).isLoopbackAddress();
    }

    private boolean hasToken(@org.jspecify.annotations.Nullable String header) {
        String token = here.metricsToken();
        return !token.isEmpty()
                && header != null
                && header.startsWith(BEARER)
                && MessageDigest.isEqual(bytes(header.substring(BEARER.length())), bytes(token));
    }

    private static byte[] bytes(String words) {
        return words.getBytes(StandardCharsets.UTF_8);
    }
}
