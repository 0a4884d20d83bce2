package venue.server.event;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Gives requests for streams the means to break their connection off, which a servlet has not. */
@Component
@Order(Connections.AFTER_THE_PUBLIC_SITE)
final class Connections extends ValveBase implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    static final int AFTER_THE_PUBLIC_SITE = 100;

    private static final String BREAK_OFF = Connections.class.getName();

    Connections() {
        super(true);
    }

    static @Nullable Runnable breakOff(HttpServletRequest request) {
        return (Runnable) request.getAttribute(BREAK_OFF);
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addEngineValves(this);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        // Where the container could not read the first line of a request there is no address.
        if (String.valueOf(request.getRequestURI()).endsWith("/events")) {
            org.apache.coyote.Response connection = response.getCoyoteResponse();
            Runnable breakOff =
                    () -> connection.action(ActionCode.CLOSE_NOW, new IOException("it did not take what was sent"));
            request.setAttribute(BREAK_OFF, breakOff);
        }
        getNext().invoke(request, response);
    }
}
