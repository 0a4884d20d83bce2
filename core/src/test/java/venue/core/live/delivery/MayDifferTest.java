package venue.core.live.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ShowsOthers;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

class MayDifferTest {

    private static final Instant NOW = Instant.parse("2026-11-23T12:00:00Z");

    /** The law: a page that is not among them is written as it was, header, footer and listings too. */
    @Test
    void noPageThatIsAnotherIsOverlooked() {
        for (long seed = 1; seed <= 200; seed++) {
            Mischief mischief = new Mischief(seed);
            Edition before = mischief.upon(Sites.small(), 12);
            Edition after = mischief.upon(before, 1);
            Optional<Set<String>> may = MayDiffer.pages(before, after, changed(before, after));
            ShowsOthers.in(before);
            assertThat(ShowsOthers.in(after.with(before.items(), Set.of())))
                    .isEqualTo(ShowsOthers.in(
                            Edition.of(after.with(before.items(), Set.of()).items())));
            if (may.isPresent()) {
                assertThat(others(before, after)).as("seed %d", seed).isSubsetOf(may.get());
            }
        }
    }

    @Test
    void textReachesThePageAndATitleMayReachAll() {
        Edition before = Sites.small();
        Edition worded = Sites.after(before, ValueCommand.setValue("weaving", null, null, "keepOut", Value.of(true)));
        assertThat(MayDiffer.pages(before, worded, Set.of("weaving"))).isEmpty();
        Edition titled = Sites.after(before, PageCommand.setTitle("weaving", "Looms"));
        assertThat(MayDiffer.pages(before, titled, Set.of("weaving"))).isEmpty();
        assertThat(MayDiffer.pages(before, before, Set.of())).contains(Set.of());
        Page page = before.require(Page.class, "weaving");
        Edition emptied = before.with(Set.of(page.withZones(venue.core.model.section.Zones.NONE)), Set.of());
        assertThat(MayDiffer.pages(before, emptied, Set.of("weaving")).orElseThrow())
                .contains("weaving");
    }

    private static Set<String> changed(Edition before, Edition after) {
        return Stream.concat(before.items().stream(), after.items().stream())
                .map(Item::id)
                .filter(id -> !Objects.equals(before.find(id), after.find(id)))
                .collect(Collectors.toSet());
    }

    private static Set<String> others(Edition before, Edition after) {
        return Stream.concat(before.all(Page.class), after.all(Page.class))
                .map(Page::id)
                .filter(id -> !written(before, id).equals(written(after, id)))
                .collect(Collectors.toSet());
    }

    private static Optional<String> written(Edition edition, String id) {
        View view = View.of(edition, NOW, "https://moor.example", View.Mode.VISITOR)
                .knowing(Map.of())
                .seenBy(Visitor.STRANGER);
        return view.edition()
                .page(id)
                .filter(view::shows)
                .map(p -> PageRenderer.render(view, p).html());
    }
}
