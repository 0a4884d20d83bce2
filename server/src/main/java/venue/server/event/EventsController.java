package venue.server.event;

import java.security.Principal;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import venue.server.signin.People;
import venue.store.workspace.Workspaces;

/** Opens a stream of events for a window, and hears where the window has gone. */
@RestController
@RequestMapping("/api/sites/{site}/events")
class EventsController {

    private final Events events;
    private final People people;
    private final Workspaces workspaces;

    EventsController(Events events, People people, Workspaces workspaces) {
        this.events = events;
        this.people = people;
        this.workspaces = workspaces;
    }

    /** Where a window is. */
    record WindowPlace(String window, String at) {}

    @GetMapping(produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter open(
            @PathVariable String site, @RequestParam String window, @RequestParam String at, Principal principal) {
        workspaces.require(site);
        return events.open(site, window, people.require(principal).name(), at);
    }

    @PostMapping("/place")
    void moved(@PathVariable String site, @RequestBody WindowPlace place) {
        events.moved(site, place.window(), place.at());
    }
}
