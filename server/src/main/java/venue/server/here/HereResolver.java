package venue.server.here;

import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import venue.core.basics.fault.Refusal;
import venue.core.model.site.Role;
import venue.server.signin.People;
import venue.store.people.Person;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Hands controllers the site that the request's path names. */
@Component
class HereResolver implements HandlerMethodArgumentResolver, WebMvcConfigurer {

    private final Workspaces workspaces;
    private final People people;

    HereResolver(Workspaces workspaces, People people) {
        this.workspaces = workspaces;
        this.people = people;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Here.class;
    }

    @Override
    public Here resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory binders) {
        Object named =
                request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
        String site = named instanceof Map<?, ?> path ? String.valueOf(path.get("site")) : "";
        Principal principal = Objects.requireNonNull(request.getUserPrincipal());
        Person person = people.require(principal);
        Role role = people.role(principal, person, site).orElseThrow(() -> Refusal.unknown("site", site));
        Workspace workspace = workspaces.require(site);
        return new Here(workspace, workspace.now(), person, role, origin(request));
    }

    private static String origin(NativeWebRequest request) {
        HttpServletRequest asked = Objects.requireNonNull(request.getNativeRequest(HttpServletRequest.class));
        return asked.getRemoteAddr();
    }
}
