package venue.server.event;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.server.signin.People;
import venue.store.answer.Answers;
import venue.store.letter.Letters;
import venue.store.people.Person;
import venue.store.people.Team;
import venue.store.session.Sessions;
import venue.store.workspace.Done;
import venue.store.workspace.Workspaces;

/**
 * Tells every open window of a site what happens (Server-Sent Events), and knows who is where. Telling never waits for a
 * window. Who is here is told a moment later, once for however many came and went.
 */
@Component
@EnableScheduling
public class Events {

    private static final int BREATH_MS = 20_000;
    private static final int MOMENT_MS = 250;
    private static final int BETWEEN_MS = 100;
    private static final int ANSWERS_MS = 1_000;
    private static final int MOST_OF_A_PERSON = 20;

    /** A window of a person in a site. */
    record Key(SiteId site, PersonId person, String window) {}

    /** {@code at} is the page or screen that the window shows. */
    private record Window(EventStream stream, String name, String at, String session) {
        Window at(String place) {
            return new Window(stream, name, place, session);
        }
    }

    /** Somebody who is here, and which page or screen they have open. */
    public record Presence(String name, String at) {}

    /** What was done last in a site, and by whom. */
    private record Step(long step, String name, PersonId who) {}

    private final Map<Key, Window> windows = new ConcurrentHashMap<>();
    private final Set<SiteId> cameOrWent = ConcurrentHashMap.newKeySet();
    private final Set<SiteId> answered = ConcurrentHashMap.newKeySet();
    private final Map<SiteId, Step> steps = new ConcurrentHashMap<>();
    private final Map<SiteId, Long> toldAt = new ConcurrentHashMap<>();
    private final JsonMapper json;
    private final Sessions sessions;
    private final People people;
    private final ScheduledExecutorService teller = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "teller");
        thread.setDaemon(true);
        return thread;
    });

    Events(
            JsonMapper json,
            Workspaces workspaces,
            Team team,
            Sessions sessions,
            People people,
            Answers answers,
            Letters letters) {
        this.json = json;
        this.sessions = sessions;
        this.people = people;
        workspaces.onStep(this::done);
        team.onChange(this::mayOtherThings);
        sessions.onEnd(this::ended);
        answers.onChange(answered::add);
        letters.onChange(answered::add);
    }

    /** A step is told at once, those that follow within a moment together as the last of them: not by whoever does them. */
    private void done(SiteId site, Done done) {
        Step told = new Step(done.step(), done.name(), done.who());
        Step before = steps.put(site, told);
        if (before != null && before.step() > told.step()) {
            steps.computeIfPresent(site, (s, now) -> now.step() > before.step() ? now : before);
        }
        if (before == null) {
            teller.schedule(() -> tellStep(site), wait(site), TimeUnit.MILLISECONDS);
        }
    }

    private long wait(SiteId site) {
        long since = System.nanoTime() - toldAt.getOrDefault(site, System.nanoTime() - TimeUnit.SECONDS.toNanos(1));
        return Math.max(0, BETWEEN_MS - TimeUnit.NANOSECONDS.toMillis(since));
    }

    private void tellStep(SiteId site) {
        toldAt.put(site, System.nanoTime());
        Step last = steps.remove(site);
        if (last != null) {
            tell(site, "step", last);
        }
    }

    /** Answers a request with a stream; one that the window had open before ends. */
    void open(Key key, Person who, String at, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        requireRoom(key);
        EventStream[] opened = new EventStream[1];
        EventStream stream = EventStream.open(request, response, () -> gone(key, opened[0]));
        opened[0] = stream;
        Window before = windows.put(
                key, new Window(stream, who.name(), at, request.getSession().getId()));
        if (before != null) {
            before.stream().close();
        }
        cameOrWent.add(key.site());
    }

    private void requireRoom(Key key) {
        long open = windows.keySet().stream()
                .filter(k -> k.person().equals(key.person()) && !k.equals(key))
                .count();
        if (open >= MOST_OF_A_PERSON) {
            throw Refusal.busy(
                    "too-many-windows",
                    "You have " + open + " windows open already; this one is not told what others do.",
                    "Close some of them; this one is told again a moment later.");
        }
    }

    private void gone(Key key, @Nullable EventStream stream) {
        windows.computeIfPresent(key, (k, w) -> w.stream() == stream ? null : w);
        cameOrWent.add(key.site());
    }

    void moved(Key key, String at) {
        windows.computeIfPresent(key, (k, w) -> w.at(at));
        cameOrWent.add(key.site());
    }

    /** Everybody who has a window of the site open. */
    public List<Presence> here(SiteId site) {
        return windows.entrySet().stream()
                .filter(e -> e.getKey().site().equals(site))
                .map(e -> new Presence(e.getValue().name(), e.getValue().at()))
                .distinct()
                .toList();
    }

    /** Tells all windows of a site. */
    public void tell(SiteId site, String name, Object what) {
        byte[] event = EventStream.event(name, json.writeValueAsString(what));
        windows.forEach((key, window) -> {
            if (key.site().equals(site)) {
                window.stream().send(event);
            }
        });
    }

    /** Tells all windows of all sites. */
    public void tellAll(String name, Object what) {
        byte[] event = EventStream.event(name, json.writeValueAsString(what));
        windows.values().forEach(w -> w.stream().send(event));
    }

    @Scheduled(fixedDelay = MOMENT_MS)
    void tellWhoIsHere() {
        for (SiteId site : List.copyOf(cameOrWent)) {
            cameOrWent.remove(site);
            tell(site, "here", here(site));
        }
    }

    /** That something came by a form, or was done about it; once, however much it was. */
    @Scheduled(fixedDelay = ANSWERS_MS)
    void tellOfAnswers() {
        for (SiteId site : List.copyOf(answered)) {
            answered.remove(site);
            tell(site, "answers", Map.of());
        }
    }

    /** Sessions that ended by themselves are found here; so are those that another process took away. */
    @Scheduled(fixedRate = BREATH_MS)
    void breathe() {
        windows.values().stream()
                .map(Window::session)
                .distinct()
                .filter(s -> !sessions.isOpen(s))
                .toList()
                .forEach(this::ended);
        windows.values().forEach(w -> w.stream().comment());
    }

    /** A server that stops waits for what it is answering: streams would keep it to the last moment that it allows. */
    @EventListener(ContextClosedEvent.class)
    void stops() {
        windows.values().forEach(w -> w.stream().close());
    }

    /** Whoever has signed out, or has been, is told nothing any more. */
    private void ended(String session) {
        windows.values().stream()
                .filter(w -> w.session().equals(session))
                .forEach(w -> w.stream().close());
    }

    /** Their windows are told so and ask for everything anew; of a site that is none of theirs they are told nothing more. */
    private void mayOtherThings(PersonId person) {
        windows.forEach((key, window) -> {
            if (key.person().equals(person)) {
                boolean maySee = people.maySee(person, key.site());
                window.stream().send(EventStream.event("seat", json.writeValueAsString(Map.of("here", maySee))));
                if (!maySee) {
                    window.stream().close();
                }
            }
        });
    }
}
