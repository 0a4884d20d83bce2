package venue.server.live;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A cookie of one site's host name alone (RFC 6265): no script reads it unless it is told, and no other site's form sends it. Under HTTPS its name begins
 * with {@code __Host-}, so that no other host can have set it.
 */
record SiteCookie(String name, boolean secure) {

    static SiteCookie of(HttpServletRequest asked, String name) {
        return new SiteCookie(asked.isSecure() ? "__Host-" + name : name, asked.isSecure());
    }

    /** The header that sets it, until the browser is closed. */
    String holding(String value) {
        return name + "=" + value + "; Path=/; HttpOnly; SameSite=Lax" + (secure ? "; Secure" : "");
    }

    /** The same, for so many seconds. */
    String holding(String value, long seconds) {
        return holding(value) + "; Max-Age=" + seconds;
    }

    /** The same where a script of the page reads it, too. */
    String told(String value, long seconds) {
        return holding(value, seconds).replace("; HttpOnly", "");
    }

    /** The header that takes it away. */
    String ended() {
        return holding("", 0);
    }

    /** What it holds. */
    Optional<String> held(HttpServletRequest asked) {
        Cookie[] all = asked.getCookies();
        return all == null
                ? Optional.empty()
                : Stream.of(all)
                        .filter(c -> c.getName().equals(name) && !c.getValue().isEmpty())
                        .map(Cookie::getValue)
                        .findFirst();
    }

    /** Whether an address leads to a page of the site that asks, and to no other: {@code //host} would. */
    static boolean isOwnPath(@Nullable String wanted) {
        return wanted != null && wanted.matches("/(?![/\\\\])[^\\p{Cntrl}\\\\]{0,2000}");
    }
}
