package venue.core.live.sitemap;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;

class OwnChangeTest {

    private static final Instant NOW = Instant.parse("2026-11-23T12:00:00Z");

    /** The law: what is looked for where a change may matter is what is found by looking at every page. */
    @Test
    void noPageThatChangesIsOverlooked() {
        for (long seed = 1; seed <= 150; seed++) {
            Mischief mischief = new Mischief(seed);
            Edition before = mischief.upon(Sites.small(), 12);
            Edition after = mischief.upon(before, 3);
            assertThat(found(before, after))
                    .as("seed %d", seed)
                    .isEqualTo(OwnChange.among(
                            before, after, after.all(Page.class).map(Item::id).collect(Collectors.toSet()), NOW));
        }
    }

    @Test
    void menusSettingsAndOrderDontChangeAPageItsWordsAndTheTitlesThatItTellsDo() {
        assertThat(by(MenuCommand.placeInMenu("main", "weaving", "l9"))).isEmpty();
        assertThat(by(ValueCommand.setValue("weaving", null, null, "keepOut", Value.of(true))))
                .isEmpty();
        assertThat(by(ValueCommand.setValue("site", null, null, "tagline", Value.of("Seven doors"))))
                .isEmpty();
        assertThat(by(PageCommand.setTitle("weaving", "Looms"))).containsExactlyInAnyOrder("weaving", "home");

        assertThat(by(PageCommand.setSegment("weaving", "looms"))).containsExactly("home");
    }

    private static Set<String> by(Command command) {
        return found(Sites.small(), Sites.after(Sites.small(), command));
    }

    private static Set<String> found(Edition before, Edition after) {
        Set<String> changed = Stream.concat(before.items().stream(), after.items().stream())
                .map(Item::id)
                .filter(id -> !Objects.equals(before.find(id), after.find(id)))
                .collect(Collectors.toSet());
        return OwnChange.pages(before, after, changed, NOW);
    }
}
