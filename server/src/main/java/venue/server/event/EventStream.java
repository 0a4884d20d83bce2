package venue.server.event;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import org.jspecify.annotations.Nullable;

/**
 * One stream of Server-Sent Events. Sending never waits: what the connection does not take at once lies in a queue, and a
 * stream whose queue is full is broken off; its window connects again and asks for what it has missed.
 */
final class EventStream implements WriteListener, AsyncListener {

    private static final int MOST_WAITING = 64;
    private static final long FOREVER = 0;

    private final AsyncContext context;
    private final ServletOutputStream out;
    private final @Nullable Runnable breakOff;
    private final Runnable gone;
    private final Deque<byte[]> waiting = new ArrayDeque<>();
    private boolean ready;
    private boolean unflushed;
    private boolean ended;

    private EventStream(AsyncContext context, @Nullable Runnable breakOff, Runnable gone) throws IOException {
        this.context = context;
        this.breakOff = breakOff;
        this.gone = gone;
        out = context.getResponse().getOutputStream();
    }

    /** Begins to answer a request with a stream; {@code gone} is run once, when it has ended. */
    static EventStream open(HttpServletRequest request, HttpServletResponse response, Runnable gone)
            throws IOException {
        response.setContentType("text/event-stream;charset=UTF-8");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("X-Accel-Buffering", "no");
        AsyncContext context = request.startAsync(request, response);
        context.setTimeout(FOREVER);
        EventStream stream = new EventStream(context, Connections.breakOff(request), gone);
        context.addListener(stream);
        stream.comment();
        stream.out.setWriteListener(stream);
        return stream;
    }

    /** An event with its data as one line of JSON. */
    static byte[] event(String name, String json) {
        return ("event:" + name + "\ndata:" + json + "\n\n").getBytes(StandardCharsets.UTF_8);
    }

    /** Keeps the connection open through whatever lies between, and finds out whether it is. */
    void comment() {
        send(":\n\n".getBytes(StandardCharsets.UTF_8));
    }

    synchronized void send(byte[] event) {
        if (ended) {
            return;
        }
        if (waiting.size() >= MOST_WAITING) {
            end(true);
            return;
        }
        waiting.add(event);
        drain();
    }

    /** Ends the stream. */
    synchronized void close() {
        end(false);
    }

    private void drain() {
        try {
            while (ready && !ended && out.isReady()) {
                byte[] next = waiting.poll();
                if (next != null) {
                    out.write(next);
                    unflushed = true;
                } else if (unflushed) {
                    unflushed = false;
                    out.flush();
                } else {
                    return;
                }
            }
        } catch (IOException | IllegalStateException e) {
            end(true);
        }
    }

    /** What a slow connection has not taken can't be sent in an orderly way: that would wait for it. */
    private void end(boolean abruptly) {
        if (ended) {
            return;
        }
        ended = true;
        waiting.clear();
        gone.run();
        try {
            if (abruptly && breakOff != null) {
                breakOff.run();
            } else {
                context.complete();
            }
        } catch (IllegalStateException e) {
            // It has been completed by the container meanwhile.
            waiting.clear();
        }
    }

    @Override
    public synchronized void onWritePossible() {
        ready = true;
        drain();
    }

    @Override
    public void onError(Throwable failure) {
        close();
    }

    @Override
    public void onError(AsyncEvent event) {
        close();
    }

    @Override
    public void onComplete(AsyncEvent event) {
        close();
    }

    @Override
    public void onTimeout(AsyncEvent event) {
        close();
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
        // Begun once, by open().
    }
}
