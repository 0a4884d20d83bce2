package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Component;
import venue.store.member.MemberSessions;
import venue.store.member.Members;
import venue.store.workspace.Workspace;

/** Knows members by the cookie of their site. Whoever sends none is not looked for. */
@Component
class Callers {

    private static final String COOKIE = "venue-member";

    private final Members members;

    Callers(Members members) {
        this.members = members;
    }

    Caller of(Workspace workspace, HttpServletRequest asked) {
        return SiteCookie.of(asked, COOKIE)
                .held(asked)
                .flatMap(token -> members.sessions().find(workspace.site(), token))
                .map(Caller::of)
                .orElse(Caller.STRANGER);
    }

    /** The header by which a browser is known from now on. */
    static String known(HttpServletRequest asked, String token) {
        return SiteCookie.of(asked, COOKIE).holding(token, MemberSessions.GOOD_FOR.toSeconds());
    }

    /** The header by which it is not known any more. */
    static String forgotten(HttpServletRequest asked) {
        return SiteCookie.of(asked, COOKIE).ended();
    }
}
