package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import venue.core.basics.link.SitePath;
import venue.store.search.InVain;
import venue.store.workspace.Workspace;

/**
 * Counts addresses that visitors ask for and that were never there, apart those to which a page of the site leads. Nothing is kept
 * of who asked. What robots ask every site for, and what says that it is one, is left out.
 */
@Component
class AskedInVain {

    private static final int LONGEST = 200;
    /**
     * The doors that robots try on any server, by their form: hidden files, folders of programs, screens of administrators, files
     * that are no pages; and what browsers ask for on their own.
     */
    private static final Pattern PROBES = Pattern.compile(
            "/[-.].*|/(cgi|bin|vendor|includes?)([/-].*)?|/[^/]*admin.*|/(touch|apple-touch)-icon.*"
                    + "|.*\\.(php\\d?|aspx?|jsp|cgi|env|git|ini|sql|bak|zip|gz|tar|ya?ml|config|ico|map)(/.*)?"
                    + "|.*(config|discover)\\.xml",
            Pattern.CASE_INSENSITIVE);

    private final InVain inVain;

    AskedInVain(InVain inVain) {
        this.inVain = inVain;
    }

    void note(Workspace workspace, HttpServletRequest asked) {
        String path = path(asked.getRequestURI());
        boolean robot = PROBES.matcher(path).matches() || Robots.is(asked);
        if (robot) {
            inVain.note(workspace.site(), InVain.What.ROBOTS, InVain.What.ROBOTS.name());
        } else if (path.length() <= LONGEST) {
            inVain.note(workspace.site(), isFromHere(asked) ? InVain.What.OWN_LINKS : InVain.What.ADDRESSES, path);
        }
    }

    private static String path(String raw) {
        try {
            return SitePath.right(URLDecoder.decode(raw.replace("+", "%2B"), StandardCharsets.UTF_8));
        } catch (IllegalArgumentException e) {
            return "/-";
        }
    }

    /** Whether a page of this site led there (RFC 9110, 10.1.3: sites of ours ask browsers to say so). */
    private static boolean isFromHere(HttpServletRequest asked) {
        return header(asked, "Referer").matches("https?://" + Pattern.quote(header(asked, "Host")) + "/.*");
    }

    private static String header(HttpServletRequest asked, String name) {
        String value = asked.getHeader(name);
        return value == null ? "" : value;
    }
}
