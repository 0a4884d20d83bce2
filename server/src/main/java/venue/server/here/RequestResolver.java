package venue.server.here;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Hands controllers what a request tells, as one type of parameter. */
abstract class RequestResolver<T> implements HandlerMethodArgumentResolver, WebMvcConfigurer {

    private final Class<T> type;

    RequestResolver(Class<T> type) {
        this.type = type;
    }

    abstract T of(HttpServletRequest request);

    @Override
    public final void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public final boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == type;
    }

    @Override
    public final T resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory binders) {
        return of(Objects.requireNonNull(request.getNativeRequest(HttpServletRequest.class)));
    }
}
