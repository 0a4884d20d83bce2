package venue.core.live.release;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Editor;
import venue.core.change.edit.Gathered;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Gate;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.core.model.site.Site;

/**
 * What would come of commands, told before they are given. It costs what they touch.
 *
 * @param pages how many pages change, are made or go
 * @param moves the pages whose addresses change, those beneath others too
 * @param leading what old addresses will answer from a release on
 * @param menus the names of menus whose lines lead elsewhere, or go
 * @param seen how many pages more or fewer people would see
 */
public record Foreseen(
        int pages,
        List<Moving> moves,
        Leading leading,
        List<String> menus,
        Seen seen,
        Shelved shelved,
        List<Refused> refused) {

    /** A page whose address changes. */
    public record Moving(String page, String title, String from, String to) {}

    /** How many old addresses will lead to where the page is, and how many will say that it is gone. */
    public record Leading(int on, int gone) {}

    /**
     * How many pages are seen by others than before.
     *
     * @param hidden that visitors would not see any more
     * @param closed that fewer may open
     * @param opened that more may open
     */
    public record Seen(int hidden, int closed, int opened) {

        private static Seen of(Edition live, Edition before, Edition after, Set<String> within) {
            int hidden = (int) within.stream()
                    .filter(id -> live.plan().isShown(id) && !after.plan().isShown(id))
                    .count();
            int closed = 0;
            int opened = 0;
            for (String id : within) {
                Optional<Audience> was = audience(before, id);
                Optional<Audience> is = audience(after, id);
                if (was.isPresent() && is.isPresent() && !was.equals(is)) {
                    boolean wider = !is.get().isWithin(was.get());
                    opened += wider ? 1 : 0;
                    closed += wider ? 0 : 1;
                }
            }
            return new Seen(hidden, closed, opened);
        }

        private static Optional<Audience> audience(Edition edition, String id) {
            return edition.page(id).map(p -> Gates.of(edition).of(p).gate().audience());
        }
    }

    /** What goes to shelves: how many sections of how many pages. */
    public record Shelved(int pages, int sections) {}

    /**
     * A command that is refused; the rest is told without it.
     *
     * @param at which of them, from 0
     * @param code the rule's name
     */
    public record Refused(int at, String code, String says, String fix) {

        private static Refused of(int at, Refusal refusal) {
            return new Refused(at, refusal.code(), refusal.getMessage(), refusal.fix());
        }
    }

    /** @param commands each works on what those before it would make */
    public static Foreseen of(Desk desk, List<Command> commands) {
        WholeCommand.requireCount(commands);
        List<Refused> refused = new ArrayList<>();
        List<Command> good = new ArrayList<>();
        Gathered gathered = new Gathered(desk);
        for (int i = 0; i < commands.size(); i++) {
            try {
                gathered.take(commands.get(i));
                good.add(commands.get(i));
            } catch (Refusal refusal) {
                refused.add(Refused.of(i, refusal));
            }
        }
        try {
            Change change = gathered.change("");
            return told(desk, new Editor(desk.archive()).held(desk, good, change), refused);
        } catch (Refusal refusal) {
            refused.add(Refused.of(0, refusal));
            return new Foreseen(
                    0, List.of(), new Leading(0, 0), List.of(), new Seen(0, 0, 0), new Shelved(0, 0), refused);
        }
    }

    private static Foreseen told(Desk desk, Editor.Edited edited, List<Refused> refused) {
        Edition before = desk.edition();
        Edition after = edited.after();
        Set<String> changed = Stream.concat(
                        edited.change().put().stream().map(Item::id), edited.change().removed().stream())
                .filter(id -> before.page(id).isPresent() || after.page(id).isPresent())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        Stream<String> reached = gates(before).equals(gates(after))
                ? changed.stream()
                        .filter(id -> before.page(id).isPresent() && differs(before, after, id))
                        .flatMap(id -> before.plan().subtree(id))
                : before.plan().inOrder();
        Set<String> within = reached.collect(Collectors.toCollection(LinkedHashSet::new));
        List<Moving> moves = within.stream()
                .flatMap(id -> after.page(id).stream())
                .filter(p ->
                        !before.servedAt(before.require(Page.class, p.id())).equals(after.servedAt(p)))
                .map(p -> new Moving(
                        p.id(), p.title(), before.servedAt(before.require(Page.class, p.id())), after.servedAt(p)))
                .toList();
        List<Redirect> left =
                Redirects.left(desk.live(), after, within.stream().flatMap(id -> desk.live().page(id).stream()));
        int on = (int) left.stream().filter(r -> Redirects.leads(after, r)).count();
        return new Foreseen(
                changed.size(),
                moves,
                new Leading(on, left.size() - on),
                menus(before, after, within),
                Seen.of(desk.live(), before, after, within),
                shelved(before, after, changed),
                refused);
    }

    /** The gates that pages have from their kinds and from the site. */
    private static Map<String, Gate> gates(Edition edition) {
        Map<String, Gate> gates = new TreeMap<>();
        edition.all(Kind.class).forEach(k -> Gate.in(k.settings()).ifPresent(g -> gates.put(k.id(), g)));
        gates.put(Site.ID, Gates.of(edition).ofSite());
        return gates;
    }

    /** Whether a page goes, stands elsewhere, or is shown otherwise. */
    private static boolean differs(Edition before, Edition after, String id) {
        Function<Edition, String> at = e -> e.page(id)
                .map(p -> e.plan().address(id)
                        + e.plan().isShown(id)
                        + Gates.of(e).of(p).gate())
                .orElse("");
        return !at.apply(before).equals(at.apply(after));
    }

    private static List<String> menus(Edition before, Edition after, Set<String> within) {
        return before.menus().stream()
                .filter(menu -> menu.all()
                                .anyMatch(
                                        l -> l.pageId().filter(within::contains).isPresent())
                        || !lines(menu)
                                .equals(after.find(Menu.class, menu.id())
                                        .map(Foreseen::lines)
                                        .orElse(Set.of())))
                .map(Menu::name)
                .toList();
    }

    private static Set<String> lines(Menu menu) {
        return menu.all().map(Line::id).collect(Collectors.toSet());
    }

    private static Shelved shelved(Edition before, Edition after, Set<String> changed) {
        List<Integer> more = changed.stream()
                .map(id -> shelf(after, id) - shelf(before, id))
                .filter(n -> n > 0)
                .toList();
        return new Shelved(
                more.size(), more.stream().mapToInt(Integer::intValue).sum());
    }

    private static int shelf(Edition edition, String id) {
        return edition.page(id).map(p -> p.shelf().size()).orElse(0);
    }
}
