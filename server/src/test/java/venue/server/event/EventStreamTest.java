package venue.server.event;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class EventStreamTest {

    private static final byte[] EVENT = EventStream.event("step", "{}");

    private final ServletOutputStream out = mock(ServletOutputStream.class);
    private final AsyncContext context = mock(AsyncContext.class);
    private final HttpServletRequest request = mock(HttpServletRequest.class);
    private final HttpServletResponse response = mock(HttpServletResponse.class);
    private final AtomicInteger broken = new AtomicInteger();
    private final AtomicInteger gone = new AtomicInteger();
    private EventStream stream;

    @BeforeEach
    void open() throws IOException {
        when(request.startAsync(any(), any())).thenReturn(context);
        when(context.getResponse()).thenReturn(response);
        when(response.getOutputStream()).thenReturn(out);
        Runnable breakOff = broken::incrementAndGet;
        when(request.getAttribute(Connections.class.getName())).thenReturn(breakOff);
        stream = EventStream.open(request, response, gone::incrementAndGet);
    }

    @Test
    void nothingIsWrittenBeforeTheConnectionIsReadyAndThenAllInOrder() throws IOException {
        stream.send(EVENT);
        verify(out, never()).write(any(byte[].class));
        when(out.isReady()).thenReturn(true);
        stream.onWritePossible();
        verify(out, times(2)).write(any(byte[].class));
        verify(out).write(EVENT);
        verify(out).flush();
    }

    @Test
    void whatAConnectionDoesNotTakeIsNotWaitedForAndIsBrokenOffOnceItIsMuch() throws IOException {
        stream.onWritePossible();
        for (int i = 0; i < 1_000; i++) {
            stream.send(EVENT);
        }
        verify(out, never()).write(any(byte[].class));
        verify(context, never()).complete();
        assertThat(broken).hasValue(1);
        assertThat(gone).hasValue(1);
    }

    @Test
    void aConnectionThatFailsIsGoneAndOneThatIsClosedIsCompleted() throws IOException {
        when(out.isReady()).thenReturn(true);
        stream.close();
        stream.close();
        verify(context).complete();
        assertThat(gone).hasValue(1);
        stream.send(EVENT);
        stream.onWritePossible();
        verify(out, never()).write(any(byte[].class));
    }
}
