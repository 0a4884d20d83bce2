package venue.server.page;

import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.compare.Compared;
import venue.core.model.page.Page;
import venue.server.here.Here;
import venue.server.signin.People;
import venue.store.journal.Journal;
import venue.store.workspace.Done;
import venue.store.workspace.Workspace;

/** The history of a page: its versions, what differs from now, and bringing one back. */
@RestController
@RequestMapping("/api/sites/{site}/pages/{id}/history")
class HistoryController {

    private static final int MOST = 200;
    private final People people;

    HistoryController(People people) {
        this.people = people;
    }

    /**
     * A version of the page.
     *
     * @param revision the hash of its content
     * @param at when it came about, ISO 8601
     * @param name what was done
     * @param now whether the page is like this now
     * @param live whether visitors have this version
     */
    record Version(Hash revision, String at, String who, String name, boolean now, boolean live) {}

    /** The latest first; at most 200, without the first {@code from}. */
    @GetMapping
    List<Version> versions(Here here, @PathVariable String id, @RequestParam(defaultValue = "0") int from) {
        here.working().require(Page.class, id);
        Hash now = here.now().hashOf(id);
        Hash live = here.now().liveHashOf(id);
        Function<PersonId, String> names = people.names();
        return here.workspace().journal().versions(here.site(), id, Math.max(0, from), MOST).stream()
                .map(v -> version(v, names.apply(v.who()), now, live))
                .toList();
    }

    /** An undone step has the name of what was undone: it is told as the undoing. */
    private static String told(Journal.Version v) {
        return switch (v.kind()) {
            case UNDO -> "undo “" + v.name() + "”";
            case REDO -> "do again “" + v.name() + "”";
            default -> v.name();
        };
    }

    private static Version version(Journal.Version v, String who, Hash now, Hash live) {
        return new Version(
                v.hash(), v.at(), who, told(v), v.hash().equals(now), v.hash().equals(live));
    }

    /** The version beside the page as it is now, part by part. */
    @GetMapping("/{revision}")
    List<Compared.Part> compared(Here here, @PathVariable String id, @PathVariable Hash revision) {
        return Compared.of(past(here.workspace(), id, revision), here.working().require(Page.class, id));
    }

    /** What shall come back: one section, or everything where none is named. */
    record PartWanted(@Nullable String section) {}

    @PostMapping("/{revision}/return")
    Done bringBack(Here here, @PathVariable String id, @PathVariable Hash revision, @RequestBody PartWanted wanted) {
        return here.run(PageCommand.bringBack(past(here.workspace(), id, revision), wanted.section()));
    }

    private static Page past(Workspace workspace, String id, Hash revision) {
        return workspace
                .archive()
                .past(id, revision)
                .filter(Page.class::isInstance)
                .map(Page.class::cast)
                .orElseThrow(() -> Refusal.unknown("version", revision.text()));
    }
}
