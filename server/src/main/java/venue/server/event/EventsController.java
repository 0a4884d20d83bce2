package venue.server.event;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Letters;
import venue.server.here.Here;
import venue.store.people.Person;

/** Opens a stream of events for a window, and hears where the window has gone. */
@RestController
@RequestMapping("/api/sites/{site}/events")
class EventsController {

    private static final int LONGEST_WINDOW = 80;
    private static final int LONGEST_PLACE = 200;

    private final Events events;

    EventsController(Events events) {
        this.events = events;
    }

    /** Where a window is: its id has at most 80 characters, its place at most 200. */
    record WindowPlace(String window, String at) {
        WindowPlace {
            requireShort("window", window, LONGEST_WINDOW);
            requireShort("at", at, LONGEST_PLACE);
        }
    }

    private static void requireShort(String field, String text, int most) {
        if (text.length() > most) {
            throw Refusal.badInput(
                    "too-long",
                    field,
                    "“" + field + "” has " + text.length() + " characters; " + most + " fit.",
                    "Name the window and its screen in few words.");
        }
    }

    @GetMapping(produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    void open(
            Here here,
            @RequestParam String window,
            @RequestParam String at,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        WindowPlace place = new WindowPlace(window, Letters.clean(at));
        Person who = here.person();
        events.open(new Events.Key(here.site(), who.id(), place.window()), who, place.at(), request, response);
    }

    @PostMapping("/place")
    void moved(Here here, @RequestBody WindowPlace place) {
        events.moved(new Events.Key(here.site(), here.person().id(), place.window()), place.at());
    }
}
