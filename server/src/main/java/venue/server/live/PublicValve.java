package venue.server.live;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.stereotype.Component;
import venue.server.app.Origins;
import venue.server.app.Settings;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/**
 * Stands before everything else, before any filter of the interface: a request for a site's host name is answered from its live release, and nothing of the
 * interface can be reached under it; a host name that nobody has is refused (421, RFC 9110).
 */
@Component
class PublicValve extends ValveBase {

    private static final int MISDIRECTED = 421;

    private final Settings settings;
    private final Workspaces workspaces;
    private final Origins origins;
    private final SiteAddresses addresses;
    private final DiskFiles diskFiles;
    private final BeginningPages beginnings;
    private final SentForms forms;
    private final VisitorForms visitorForms;
    private final AskedParts parts;

    PublicValve(
            Settings settings,
            Workspaces workspaces,
            Origins origins,
            SiteAddresses addresses,
            DiskFiles diskFiles,
            BeginningPages beginnings,
            SentForms forms,
            VisitorForms visitorForms,
            AskedParts parts) {
        super(true);
        this.parts = parts;
        this.visitorForms = visitorForms;
        this.settings = settings;
        this.workspaces = workspaces;
        this.origins = origins;
        this.addresses = addresses;
        this.diskFiles = diskFiles;
        this.beginnings = beginnings;
        this.forms = forms;
    }

    @Override
    public void invoke(Request asked, Response answer) throws IOException, ServletException {
        String host = Settings.normal(asked.getServerName());
        if (settings.isInterface(host)) {
            Optional<Reply> beginning =
                    answer.isError() ? Optional.empty() : beginnings.at(asked.getMethod(), asked.getRequestURI());
            if (beginning.isPresent()) {
                send(asked, answer, beginning.get());
            } else {
                getNext().invoke(asked, answer);
            }
            return;
        }
        Optional<Workspace> workspace = workspaces.servedAt(host);
        if (answer.isError()) {
            answer.setSuspended(false);
        }
        if (workspace.isEmpty()) {
            plain(answer, MISDIRECTED, "No site is served under this name.\n");
        } else if (answer.isError() || !(visitorForms.takes(workspace.get(), asked) || isDecodable(asked))) {
            Replies.send(asked, answer, addresses.unreadable(workspace.get()));
        } else if (!host.equals(main(workspace.get()))) {
            elsewhere(answer, origins.of(workspace.get().now().working().site()), asked, workspace.get());
        } else if (asked.getMethod().equals("GET") || asked.getMethod().equals("HEAD")) {
            if (AskedParts.isOne(asked.getRequestURI())) {
                parts.allow(workspace.get(), asked, answer);
            }
            send(asked, answer, addresses.at(workspace.get(), asked));
        } else if (asked.getMethod().equals("POST") && forms.takes(workspace.get(), asked.getRequestURI())) {
            forms.take(workspace.get(), asked, answer);
        } else if (visitorForms.takes(workspace.get(), asked)) {
            visitorForms.take(workspace.get(), asked, answer);
        } else {
            answer.setHeader("Allow", "GET, HEAD");
            plain(answer, HttpServletResponse.SC_METHOD_NOT_ALLOWED, "This site is for reading: use GET or HEAD.\n");
        }
    }

    private void send(Request asked, Response answer, Reply reply) throws IOException, ServletException {
        if (reply.sent().file() == null) {
            Replies.send(asked, answer, reply);
        } else {
            diskFiles.send(asked, answer, reply);
        }
    }

    private static String main(Workspace workspace) {
        return workspace.now().working().site().hosts().get(0);
    }

    /** A site's other names lead to its main one, to where the same address is served there: that is one step. */
    private void elsewhere(Response answer, String origin, Request asked, Workspace workspace) {
        String query = asked.getQueryString() == null ? "" : "?" + asked.getQueryString();
        answer.setStatus(HttpServletResponse.SC_MOVED_PERMANENTLY);
        answer.setHeader("Location", origin + addresses.served(workspace, asked.getRequestURI()) + query);
        answer.setHeader("Cache-Control", "max-age=3600");
    }

    private static boolean isDecodable(Request asked) {
        try {
            asked.getParameterMap();
            return true;
        } catch (InvalidParameterException e) {
            return false;
        }
    }

    private static void plain(HttpServletResponse answer, int status, String words) throws IOException {
        answer.setStatus(status);
        answer.setContentType("text/plain; charset=utf-8");
        answer.getOutputStream().write(words.getBytes(StandardCharsets.UTF_8));
    }
}
