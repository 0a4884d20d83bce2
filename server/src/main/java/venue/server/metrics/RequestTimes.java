package venue.server.metrics;

import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import jakarta.servlet.ServletException;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import venue.server.app.Settings;

/** Stands before everything and takes the time of each request, up to where it is answered or handed to another thread. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestTimes extends ValveBase implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private static final int CLASS = 100;

    private final MeterRegistry meters;
    private final Settings settings;

    RequestTimes(MeterRegistry meters, Settings settings) {
        super(true);
        this.meters = meters;
        this.settings = settings;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addEngineValves(this);
    }

    @Override
    public void invoke(Request asked, Response answer) throws IOException, ServletException {
        Timer.Sample begun = Timer.start(meters);
        try {
            getNext().invoke(asked, answer);
        } finally {
            boolean ours = settings.isInterface(Settings.normal(asked.getServerName()));
            begun.stop(meters.timer(
                    "venue.requests", "to", ours ? "interface" : "site", "status", answer.getStatus() / CLASS + "xx"));
        }
    }
}
