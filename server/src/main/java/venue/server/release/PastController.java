package venue.server.release;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.PersonId;
import venue.core.edition.compare.Compared;
import venue.core.edition.edition.Edition;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.page.Page;
import venue.server.here.Here;
import venue.server.proof.Editions;
import venue.server.signin.People;
import venue.store.live.Releases;
import venue.store.workspace.Done;

/** The releases so far: any two compared, a page of them as words, and going back to one. */
@RestController
@RequestMapping("/api/sites/{site}/releases")
class PastController {

    private static final int LOG = 500;

    private final People people;
    private final Previews previews;
    private final Made made;
    private final Editions editions;

    PastController(People people, Previews previews, Made made, Editions editions) {
        this.people = people;
        this.previews = previews;
        this.made = made;
        this.editions = editions;
    }

    /**
     * What differs between two releases.
     *
     * @param entries at most 1000
     * @param more how many more differ
     */
    record ComparedReleases(List<ReleaseEntry> entries, int more) {}

    /**
     * What going back to a release would be.
     *
     * @param entries what it changes for visitors
     * @param lost the pages that visitors would not find any more, by title
     */
    record GoingBack(ComparedReleases differing, List<String> lost, Previews.Preview preview) {}

    private static final int MOST = 1_000;

    /** The latest first; at most 500, without the first {@code from}. */
    @GetMapping
    List<Releases.Logged> log(Here here, @RequestParam(defaultValue = "0") int from) {
        Function<PersonId, String> names = people.names();
        return here.workspace().releases().log(here.site(), Math.max(0, from), LOG).stream()
                .map(r -> r.by(names.apply(new PersonId(r.who()))))
                .toList();
    }

    /** What differs between two sides, each the number of a release, {@code live} or {@code now} for the working copy. */
    @GetMapping("/compared")
    ComparedReleases compared(Here here, @RequestParam String before, @RequestParam String after) {
        return compared(
                editions.of(here.workspace(), here.now(), before), editions.of(here.workspace(), here.now(), after));
    }

    private static ComparedReleases compared(Edition before, Edition after) {
        return cut(ReleasePlan.of(before, after).entries());
    }

    private static ComparedReleases cut(Collection<ReleaseEntry> all) {
        List<ReleaseEntry> entries = new ArrayList<>(all);
        int shown = Math.min(MOST, entries.size());
        return new ComparedReleases(entries.subList(0, shown), entries.size() - shown);
    }

    /**
     * A page on two sides.
     *
     * @param before where it is served on the one; absent where it isn't there
     * @param parts its words, part by part
     */
    record PageSides(
            String title, @Nullable String before, @Nullable String after, List<Compared.Part> parts) {}

    @GetMapping("/compared/{page}")
    PageSides sides(Here here, @PathVariable String page, @RequestParam String before, @RequestParam String after) {
        Edition was = editions.of(here.workspace(), here.now(), before);
        Edition is = editions.of(here.workspace(), here.now(), after);
        Page any = is.page(page).or(() -> was.page(page)).orElseGet(() -> is.require(Page.class, page));
        return new PageSides(
                any.title(),
                was.page(page).map(was::servedAt).orElse(null),
                is.page(page).map(is::servedAt).orElse(null),
                Compared.of(was.page(page).orElse(bare(any)), is.page(page).orElse(bare(any))));
    }

    private static Page bare(Page page) {
        return Page.of(page.id(), "", page.segment(), page.kind());
    }

    /** What going back to an earlier release would be, before it is done. */
    @GetMapping("/{number}/return")
    GoingBack back(Here here, @PathVariable int number) {
        ReleasePlan.Prepared prepared = here.workspace().releasing().back(number);
        Edition live = here.now().live();
        return new GoingBack(
                cut(ReleasePlan.of(live, prepared.live(), prepared.items()).entries()),
                live.plan()
                        .inOrder()
                        .filter(id -> live.plan().isShown(id)
                                && !prepared.live().plan().isShown(id))
                        .map(id -> live.require(Page.class, id).title())
                        .toList(),
                previews.of(here.now(), prepared));
    }

    /** Goes back to an earlier release; that is a release of its own. */
    @PostMapping("/{number}/return")
    Done goBack(Here here, @PathVariable int number) {
        here.requireManager("go back to an earlier release");
        return made.by(here, here.workspace().releasing().goBack(here.person().id(), number));
    }
}
