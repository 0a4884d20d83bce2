package venue.server.event;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every open window of a site what happens (Server-Sent Events), and knows who is where. */
@Component
@EnableScheduling
public class Events {

    private static final long FOREVER = 0L;
    private static final int BREATH_MS = 20_000;

    /** A window of a person; {@code at} is the page or screen it shows. */
    record Window(String id, String name, String at, SseEmitter emitter) {
        Window at(String place) {
            return new Window(id, name, place, emitter);
        }
    }

    /** Somebody who is here, and which page or screen they have open. */
    public record Here(String name, String at) {}

    private final Map<String, Map<String, Window>> bySite = new ConcurrentHashMap<>();

    SseEmitter open(String site, String id, String name, String at) {
        SseEmitter emitter = new SseEmitter(FOREVER);
        Map<String, Window> windows = bySite.computeIfAbsent(site, s -> new ConcurrentHashMap<>());
        Runnable close = () -> {
            windows.computeIfPresent(id, (k, w) -> w.emitter() == emitter ? null : w);
            tellWhoIsHere(site);
        };
        emitter.onCompletion(close);
        emitter.onTimeout(close);
        emitter.onError(e -> close.run());
        windows.put(id, new Window(id, name, at, emitter));
        tellWhoIsHere(site);
        return emitter;
    }

    void moved(String site, String id, String at) {
        bySite.getOrDefault(site, Map.of()).computeIfPresent(id, (k, w) -> w.at(at));
        tellWhoIsHere(site);
    }

    /** Everybody who has a window of the site open. */
    public List<Here> here(String site) {
        return bySite.getOrDefault(site, Map.of()).values().stream()
                .map(w -> new Here(w.name(), w.at()))
                .distinct()
                .toList();
    }

    private void tellWhoIsHere(String site) {
        tell(site, "here", here(site));
    }

    /** Tells all windows of a site; those that are gone are forgotten. */
    public void tell(String site, String name, Object what) {
        for (Window window :
                new CopyOnWriteArrayList<>(bySite.getOrDefault(site, Map.of()).values())) {
            send(window, SseEmitter.event().name(name).data(what));
        }
    }

    /** Keeps connections open through whatever lies between, and finds those that are gone. */
    @Scheduled(fixedRate = BREATH_MS)
    void breathe() {
        bySite.values()
                .forEach(ws ->
                        ws.values().forEach(w -> send(w, SseEmitter.event().comment("here"))));
    }

    private void send(Window window, SseEmitter.SseEventBuilder event) {
        try {
            window.emitter().send(event);
        } catch (IOException | IllegalStateException e) {
            bySite.values().forEach(ws -> ws.remove(window.id(), window));
        }
    }
}
