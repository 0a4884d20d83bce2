package venue.server.problem;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.tomcat.TomcatWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.web.firewall.RequestRejectedHandler;

/** What never reaches a controller is answered like what does: by the firewall, by the container, and at {@code /error}. */
@Configuration(proxyBeanMethods = false)
class ErrorAnswers {

    @Bean
    RequestRejectedHandler rejected() {
        return (request, response, why) -> write(response, HttpServletResponse.SC_BAD_REQUEST);
    }

    @Bean
    WebServerFactoryCustomizer<TomcatWebServerFactory> reports() {
        return factory ->
                factory.addContextCustomizers(context -> ((org.apache.catalina.core.StandardHost) context.getParent())
                        .setErrorReportValveClass(ErrorReports.class.getName()));
    }

    static void write(HttpServletResponse response, int status) throws IOException {
        String[] words = Problems.words(status);
        Problems.write(response, status, words[0], words[1], words[2]);
    }

    /** The status that an error page is asked to tell; asked for by itself, there is nothing at its address. */
    static int status(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        return code instanceof Integer status ? status : HttpServletResponse.SC_NOT_FOUND;
    }
}
