package venue.core.change.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import venue.core.Memory;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Places;
import venue.core.model.kind.BeneathRule;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.site.Role;

/** What no command of an editor does, whatever it is. */
class RightsLawsTest {

    private final Editor editor = new Editor(new Memory());

    private static Edition ruled(Random chance, Edition site) {
        Kind kind = site.require(Kind.class, "standard")
                .with("changedBy", Value.of(chance.nextBoolean() ? "MANAGER" : "EDITOR"))
                .with("madeBy", Value.of(chance.nextBoolean() ? "MANAGER" : "EDITOR"))
                .with("mayHold", chance.nextBoolean() ? BeneathRule.listed(List.of("landing-page")) : null);
        List<Item> put = site.all(Page.class)
                .map(p -> chance.nextInt(3) == 0 ? (Item) p.withTemplate("wide", p.zones(), p.shelf()) : p)
                .collect(Collectors.toList());
        put.add(kind);
        return site.with(put, List.of());
    }

    private static Stream<String> changed(Edition before, Edition after) {
        return Stream.concat(before.items().stream(), after.items().stream())
                .map(Item::id)
                .distinct()
                .filter(id -> !Objects.equals(before.find(id), after.find(id)));
    }

    /** Only its place among its siblings is another. */
    private static boolean isRenumbered(Edition before, Edition after, String id) {
        return before.page(id).isPresent()
                && after.page(id)
                        .filter(now -> now.withPlace(
                                        now.parent(), before.page(id).get().position())
                                .equals(before.page(id).get()))
                        .isPresent();
    }

    @Property(tries = 150)
    void anEditorChangesPagesOfEditorsMediaAndMenusAlone(@ForAll long seed) {
        Random chance = new Random(seed);
        Mischief mischief = new Mischief(seed);
        Edition before = ruled(chance, mischief.upon(Sites.small(), 10));
        Desk manager = Sites.desk(before);
        Desk desk =
                new Desk(before, manager.live(), manager.hashOf(), manager.archive(), manager.chance(), Role.EDITOR);
        for (int i = 0; i < 20; i++) {
            Command command = mischief.command(before);
            try {
                holds(before, editor.run(desk, command, Map.of()).after(), command);
            } catch (Refusal refused) {
                assertThat(refused.fix()).as(command.toString()).isNotBlank();
            }
        }
    }

    private static void holds(Edition before, Edition after, Command command) {
        changed(before, after).forEach(id -> {
            Item is = after.find(id).or(() -> before.find(id)).orElseThrow();
            assertThat(is).as(command.toString()).isInstanceOfAny(Page.class, Media.class, Menu.class);
            if (!(is instanceof Page now) || isRenumbered(before, after, id)) {
                return;
            }
            Kind kind = before.require(Kind.class, now.kind());
            if (before.page(id).isPresent()) {
                assertThat(kind.mayBeChangedBy(Role.EDITOR))
                        .as(command.toString())
                        .isTrue();
            } else {
                assertThat(kind.madeBy()).as(command.toString()).isEqualTo(Role.EDITOR);
            }
            boolean moved = before.page(id)
                    .map(was -> !Objects.equals(was.parent(), now.parent()))
                    .orElse(true);
            if (moved && after.page(id).isPresent()) {
                assertThat(Places.whyNot(before, kind, now.parent()))
                        .as(command.toString())
                        .isEmpty();
            }
        });
    }
}
