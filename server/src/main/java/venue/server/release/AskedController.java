package venue.server.release;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.model.site.Role;
import venue.server.event.Events;
import venue.server.here.Here;
import venue.server.mail.ReleaseMail;
import venue.server.signin.People;
import venue.store.live.AskedReleases;
import venue.store.live.AskedReleases.Asked;

/** Changes of which editors ask that they be released. */
@RestController
@RequestMapping("/api/sites/{site}/releases/asked")
class AskedController {

    private final People people;
    private final AskedReleases asked;
    private final ReleaseMail mail;
    private final Events events;

    AskedController(People people, AskedReleases asked, ReleaseMail mail, Events events) {
        this.people = people;
        this.asked = asked;
        this.mail = mail;
        this.events = events;
    }

    /** With which word it was given back; {@code at} is ISO 8601. */
    record AskedBack(String by, String at, String word) {}

    /**
     * What somebody asks for.
     *
     * @param mine whether whoever looks asks for it
     * @param items the ids of entries that still wait
     */
    record AskedRelease(
            String id,
            String by,
            boolean mine,
            String at,
            String word,
            List<String> items,
            @Nullable AskedBack back) {}

    /** The chosen entries, with a word. */
    record Asking(@Nullable List<String> items, @Nullable String word) {}

    /** A word to whoever asked. */
    record GivenWord(@Nullable String word) {}

    @GetMapping
    List<AskedRelease> all(Here here) {
        Function<PersonId, String> names = people.names();
        return asked.all(here.site(), here.now().waits().ids()).stream()
                .map(a -> told(here, a, names))
                .toList();
    }

    private static AskedRelease told(Here here, Asked a, Function<PersonId, String> names) {
        AskedReleases.Back back = a.back();
        return new AskedRelease(
                a.id(),
                names.apply(a.who()),
                a.who().equals(here.person().id()),
                a.at(),
                a.word(),
                a.items().stream().sorted().toList(),
                back == null ? null : new AskedBack(names.apply(back.who()), back.at(), back.word()));
    }

    /** Asks that the chosen changes be released. */
    @PostMapping
    AskedRelease ask(Here here, @RequestBody Asking asking) {
        Set<String> waiting = here.now().waits().ids();
        List<String> items = asking.items() == null ? List.of() : new ArrayList<>(asking.items());
        if (items.isEmpty()) {
            throw Refusal.badInput(
                    "nothing-asked-for", "items", "Nothing is chosen.", "Choose at least one change to ask for.");
        }
        for (String item : items) {
            if (item == null || !waiting.contains(item)) {
                throw Refusal.unknown("change", String.valueOf(item));
            }
        }
        Asked made = asked.ask(here.site(), here.person().id(), items, asking.word(), waiting);
        mail.asked(here.site(), here.working().site(), here.person(), made.word());
        tell(here);
        return told(here, made, people.names());
    }

    /** Gives back what was asked for, with a word. */
    @PostMapping("/{id}/back")
    void giveBack(Here here, @PathVariable String id, @RequestBody GivenWord word) {
        here.requireManager("give back what was asked for");
        Asked known = require(here, id);
        AskedReleases.Back back = asked.giveBack(here.site(), id, here.person().id(), word.word());
        mail.givenBack(here.site(), here.working().site(), here.person(), known.who(), back);
        tell(here);
    }

    /** Takes it away: by whoever asked, or by a manager. */
    @DeleteMapping("/{id}")
    void takeBack(Here here, @PathVariable String id) {
        Asked known = require(here, id);
        if (here.role() != Role.MANAGER && !known.who().equals(here.person().id())) {
            throw Refusal.forbidden("not-yours", "Somebody else asks for this.", "Leave it to them, or to a manager.");
        }
        asked.takeBack(here.site(), id);
        tell(here);
    }

    private Asked require(Here here, String id) {
        return asked.find(here.site(), id).orElseThrow(() -> Refusal.unknown("asked release", id));
    }

    private void tell(Here here) {
        events.tell(here.site(), "releases", Map.of());
    }
}
