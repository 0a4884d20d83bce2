package venue.server.signin;

import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import java.io.IOException;
import java.util.concurrent.CompletableFuture;

/**
 * Tells when a request's own thread has left it. Until then its session is that thread's, which writes it down as it leaves:
 * whoever answers later and opens a session waits for this.
 */
public final class Left implements Filter {

    private static final String AT = Left.class.getName();

    /** Done once the request's own thread has left it. */
    public static CompletableFuture<Void> of(ServletRequest request) {
        return request.getAttribute(AT) instanceof CompletableFuture<?> left
                ? left.thenAccept(done -> {})
                : CompletableFuture.completedFuture(null);
    }

    @Override
    public void doFilter(ServletRequest request, ServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        CompletableFuture<Void> left = new CompletableFuture<>();
        request.setAttribute(AT, left);
        try {
            chain.doFilter(request, response);
        } finally {
            left.complete(null);
        }
    }
}
