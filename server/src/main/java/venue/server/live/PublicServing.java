package venue.server.live;

import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Puts the public site first in the server's line. */
@Component
class PublicServing implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private final ForwardedValve first;
    private final PublicValve valve;

    PublicServing(ForwardedValve first, PublicValve valve) {
        this.first = first;
        this.valve = valve;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addEngineValves(first, valve);
    }
}
