package venue.server.here;

import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerMapping;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.server.signin.People;
import venue.store.people.Person;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Hands controllers the site that the request's path names. */
@Component
class HereResolver extends RequestResolver<Here> {

    private final Workspaces workspaces;
    private final People people;

    HereResolver(Workspaces workspaces, People people) {
        super(Here.class);
        this.workspaces = workspaces;
        this.people = people;
    }

    @Override
    Here of(HttpServletRequest request) {
        Object named = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        SiteId site = new SiteId(named instanceof Map<?, ?> path ? String.valueOf(path.get("site")) : "");
        Principal principal = Objects.requireNonNull(request.getUserPrincipal());
        Person person = people.require(principal);
        Role role = people.role(principal, person, site).orElseThrow(() -> Refusal.unknown("site", site.text()));
        Workspace workspace = workspaces.require(site);
        return new Here(workspace, workspace.now(), person, role, request.getRemoteAddr());
    }
}
