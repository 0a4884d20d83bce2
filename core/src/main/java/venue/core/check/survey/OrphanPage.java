package venue.core.check.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.edition.edition.Branch;
import venue.core.edition.edition.Inbound;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.show.gathering.Topics;

/** Pages that no menu, link or listing leads to. */
final class OrphanPage extends DeclaredRule {

    OrphanPage() {
        super(
                "orphan",
                "Page nothing leads to",
                Severity.SHOULD_FIX,
                "Visitors only find it by its address or a search engine.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        Inbound inbound = scope.edition().inbound();
        return scope.page(item)
                .filter(p -> !scope.edition().isHome(p) && !p.isKeptOut())
                .filter(p -> !inbound.isNamed(p.id())
                        && !inbound.isListed(p.kind())
                        && !isNamedTopic(scope, p)
                        && !isGathered(scope, p)
                        && Branch.menus(scope.edition(), p.id()).isEmpty())
                .map(p -> new Finding(
                        key(),
                        severity(),
                        p.id(),
                        "No menu, link or listing leads to it.",
                        why(),
                        mends(scope, p),
                        null));
    }

    /** Whether a list shows it that gathers what stands beneath one of its ancestors, or in the whole site. */
    private static boolean isGathered(Scope scope, Page page) {
        Inbound inbound = scope.edition().inbound();
        int levels = 0;
        for (String above = page.parent(); above != null; above = parent(scope, above)) {
            levels++;
            if (inbound.isGathered(above, levels)) {
                return true;
            }
        }
        return inbound.isGathered("", levels + 1);
    }

    private static @Nullable String parent(Scope scope, String id) {
        return scope.edition().page(id).map(Page::parent).orElse(null);
    }

    /** Pages lead to the topics that they name. */
    private static boolean isNamedTopic(Scope scope, Page page) {
        return scope.edition().kindOf(page).filter(Kind::isOfTopics).isPresent()
                && Topics.count(scope.edition(), page.id()) > 0;
    }

    /** Its mends name the menus. */
    /** The mends that are offered name the menus. */
    @Override
    public boolean isReadEverywhere(@Nullable Item before, @Nullable Item after) {
        return super.isReadEverywhere(before, after) || !menuName(before).equals(menuName(after));
    }

    private static String menuName(@Nullable Item item) {
        return Optional.ofNullable(item)
                .filter(Menu.class::isInstance)
                .map(Item::name)
                .orElse("");
    }

    private static List<Finding.Mend> mends(Scope scope, Page page) {
        List<Finding.Mend> mends = new ArrayList<>();
        for (Menu menu : scope.edition().menus()) {
            mends.add(new Finding.Mend(
                    "Place in " + menu.name(), MenuCommand.placeInMenu(menu.id(), page.id(), "m" + page.id())));
        }
        return mends;
    }
}
