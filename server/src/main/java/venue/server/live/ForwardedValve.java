package venue.server.live;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.server.app.InPublic;
import venue.server.app.Settings;

/**
 * Stands before everything: where a request comes from is its connection's own address, or, where that is a trusted proxy's, the
 * last address that no trusted proxy has (Forwarded, RFC 7239; X-Forwarded-For). Nobody else's word is taken.
 */
@Component
class ForwardedValve extends ValveBase {

    private static final String HSTS = "max-age=31536000";
    private static final Pattern FOR = Pattern.compile("(?i)(?:^|[;,\\s])for=\"?\\[?([^\\]\";,\\s]+)");
    private static final Pattern PORT = Pattern.compile("^([0-9.]+):[0-9]+$");

    private final InPublic here;
    private final boolean tellsTls;

    ForwardedValve(InPublic here, Settings settings) {
        super(true);
        this.here = here;
        tellsTls = here.hsts() && settings.isSecure();
    }

    @Override
    public void invoke(Request asked, Response answer) throws IOException, ServletException {
        if (here.trusts(asked.getRemoteAddr())) {
            List<String> said = said(asked);
            if (!said.isEmpty()) {
                asked.setAttribute(InPublic.FORWARDED, true);
            }
            String client = client(said);
            if (client != null) {
                asked.setRemoteAddr(client);
                asked.setRemoteHost(client);
            }
        }
        if (tellsTls) {
            answer.setHeader("Strict-Transport-Security", HSTS);
        }
        getNext().invoke(asked, answer);
    }

    /** The addresses that proxies have written down, the client's first. */
    private static List<String> said(Request asked) {
        List<String> said = new ArrayList<>();
        for (String header : Collections.list(asked.getHeaders("X-Forwarded-For"))) {
            said.addAll(List.of(header.split(",")));
        }
        if (said.isEmpty()) {
            for (String header : Collections.list(asked.getHeaders("Forwarded"))) {
                FOR.matcher(header).results().map(m -> m.group(1)).forEach(said::add);
            }
        }
        return said;
    }

    /** The last that no trusted proxy has; nobody where what was written down is no address. */
    private @Nullable String client(List<String> said) {
        for (int i = said.size() - 1; i >= 0; i--) {
            String word = said.get(i).strip();
            Matcher port = PORT.matcher(word);
            String address = port.matches() ? port.group(1) : word;
            if (!InPublic.isAddress(address)) {
                return null;
            }
            if (!here.trusts(address)) {
                return address;
            }
        }
        return null;
    }
}
