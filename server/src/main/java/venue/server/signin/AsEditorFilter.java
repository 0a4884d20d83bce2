package venue.server.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.Principal;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Takes requests with {@code Venue-As: editor} as an editor's. It can only take rights away. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class AsEditorFilter extends OncePerRequestFilter {

    static final String HEADER = "Venue-As";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean lowered = "editor".equalsIgnoreCase(request.getHeader(HEADER));
        chain.doFilter(lowered ? new Lowered(request) : request, response);
    }

    private static final class Lowered extends HttpServletRequestWrapper {

        private Lowered(HttpServletRequest request) {
            super(request);
        }

        @Override
        public @Nullable Principal getUserPrincipal() {
            Principal somebody = super.getUserPrincipal();
            return somebody == null ? null : new AsEditor(somebody);
        }
    }
}
