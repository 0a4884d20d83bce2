package venue.server.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class LeftTest {

    private final MockHttpServletRequest request = new MockHttpServletRequest();

    @Test
    void whoeverAnswersLaterWaitsUntilTheRequestsOwnThreadHasLeft() throws Exception {
        AtomicReference<CompletableFuture<Void>> waiting = new AtomicReference<>();
        new Left().doFilter(request, new MockHttpServletResponse(), (asked, answer) -> {
            waiting.set(Left.of(asked));
            assertThat(waiting.get()).isNotDone();
        });
        assertThat(waiting.get()).isCompleted();
    }

    @Test
    void aRequestThatFailsIsLeftToo() {
        assertThatThrownBy(() -> new Left().doFilter(request, new MockHttpServletResponse(), (asked, answer) -> {
                    throw new IllegalStateException("broken off");
                }))
                .hasMessage("broken off");
        assertThat(Left.of(request)).isCompleted();
    }
}
