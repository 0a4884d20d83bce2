package venue.server.here;

import java.security.Principal;
import java.util.List;
import java.util.Map;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import venue.core.fault.Refusal;
import venue.server.signin.People;
import venue.store.account.Account;
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
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        Object named =
                request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
        String site = named instanceof Map<?, ?> path ? String.valueOf(path.get("site")) : "";
        Principal principal = request.getUserPrincipal();
        if (principal == null) {
            throw Refusal.forbidden("not-signed-in", "Nobody is signed in.", "Sign in first.");
        }
        Account person = people.require(principal);
        return new Here(workspaces.require(site), person, People.role(principal, person));
    }
}
