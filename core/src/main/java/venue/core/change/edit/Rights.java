package venue.core.change.edit;

import java.util.Map;
import java.util.Optional;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Gate;
import venue.core.model.kind.BeneathRule;
import venue.core.model.kind.Kind;
import venue.core.model.page.OfKind;
import venue.core.model.page.Page;
import venue.core.model.site.Role;
import venue.core.sort.Sorts;

/**
 * What a role lets somebody change. It is looked at twice: what is asked, so that the refusal is plain, and what would come of
 * it, so that no command gets around a rule.
 */
public final class Rights {

    private Rights() {}

    /** Refuses a command that this role may not give. */
    static void check(Role role, Command command, Edition edition) {
        if (role == Role.EDITOR && command.needs(edition) == Role.MANAGER) {
            throw shapes();
        }
    }

    private static Refusal shapes() {
        return Refusal.forbidden(
                "managers-only", "Only managers may change what shapes the whole site.", "Ask a manager to do it.");
    }

    /** Whether somebody may change a page, and so is offered to. */
    public static boolean mayChange(Role role, Edition edition, Page page) {
        return edition.kindOf(page).map(k -> k.mayBeChangedBy(role)).orElse(true);
    }

    static void check(Role role, Edition before, Edition after, Change change) {
        if (role == Role.MANAGER) {
            return;
        }
        change.put().forEach(item -> put(role, before, after, item));
        change.removed().stream().flatMap(id -> before.find(id).stream()).forEach(item -> whole(role, before, item));
    }

    /** Whether somebody may remove an item, or bring it back. */
    static void whole(Role role, Edition edition, Item item) {
        if (role == Role.MANAGER) {
            return;
        }
        if (item instanceof OfKind of) {
            requireChange(role, edition, of.asListed());
        } else {
            requireEditors(item);
        }
    }

    private static void put(Role role, Edition before, Edition after, Item item) {
        if (!(item instanceof OfKind of)) {
            requireEditors(item);
            return;
        }
        Page page = of.asListed();
        Optional<Page> was = before.find(OfKind.class, page.id()).map(OfKind::asListed);
        if (was.isEmpty()) {
            after.kindOf(page).filter(k -> k.madeBy() == Role.MANAGER).ifPresent(k -> {
                throw Refusal.forbidden(
                        "not-for-editors", k.pages() + " are made by managers only.", "Ask a manager to make it.");
            });
            requireSameRule(Map.of(), page.settings());
            if (Gate.in(page.settings()).filter(Gate::isOpen).isPresent()) {
                throw shapes();
            }
        } else if (!isOnlyRenumbered(was.get(), page)) {
            requireChange(role, before, was.get());
            requireSameRule(was.get().settings(), page.settings());
            if (!Gate.in(was.get().settings()).equals(Gate.in(page.settings()))) {
                throw shapes();
            }
        }
    }

    /** A page moved aside to make room for another is not changed by it. */
    private static boolean isOnlyRenumbered(Page was, Page now) {
        return was.withPlace(was.parent(), now.position()).equals(now);
    }

    public static void requireChange(Role role, Edition edition, Page page) {
        if (!mayChange(role, edition, page)) {
            String kind = edition.kindOf(page).map(Kind::pages).orElse("Such pages");
            throw Refusal.forbidden(
                    "not-for-editors",
                    kind + " are changed by managers only, “" + page.title() + "” too.",
                    "Ask a manager to change it.");
        }
    }

    private static void requireSameRule(Map<String, Value> was, Map<String, Value> now) {
        if (!BeneathRule.in(was).equals(BeneathRule.in(now))) {
            throw shapes();
        }
    }

    private static void requireEditors(Item item) {
        if (!Sorts.isForEditors(item)) {
            throw shapes();
        }
    }
}
