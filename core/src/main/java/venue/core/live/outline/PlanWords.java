package venue.core.live.outline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Places;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Menu;
import venue.core.model.template.Template;

/** What the words of cells mean. */
record PlanWords(Desk desk) {

    private Edition edition() {
        return desk.edition();
    }

    /** The commands that make a new page as its row says. */
    List<Command> made(PlanWish wish, String id, PlanPlace place) {
        String title = wish.said(Column.TITLE)
                .or(() -> Optional.ofNullable(place.segment()).map(s -> s.replace('-', ' ')))
                .orElse("");
        Kind kind = wish.said(Column.KIND).map(this::kind).orElseGet(() -> usual(place.parent()));
        List<Command> commands = new ArrayList<>();
        commands.add(NewPages.one(kind.id(), id, title)
                .beneath(place.parent())
                .wearing(wish.said(Column.TEMPLATE).map(this::template).orElse(null))
                .addressed(place.segment())
                .inMenus(wish.said(Column.MENUS).map(this::menus).orElse(List.of()))
                .with(settings(wish))
                .made());
        if (wish.said(Column.STATE).filter(PlanTable.OFF::equalsIgnoreCase).isPresent()) {
            commands.add(PageCommand.withdrawPage(id, true));
        }
        return commands;
    }

    /** What is kept out of the sitemap elsewhere because it is a draft is not to be kept out here. */
    private static Map<String, Value> settings(PlanWish wish) {
        Map<String, Value> settings = new HashMap<>();
        wish.said(Column.SEARCH_TITLE).ifPresent(w -> settings.put("searchTitle", Value.of(w)));
        wish.said(Column.SEARCH_DESCRIPTION).ifPresent(w -> settings.put("searchDescription", Value.of(w)));
        boolean draft =
                wish.said(Column.STATE).filter("draft"::equalsIgnoreCase).isPresent();
        if (!draft && wish.said(Column.SITEMAP).filter(w -> !isYes(w)).isPresent()) {
            settings.put("keepOut", Value.of(true));
        }
        return settings;
    }

    static boolean isYes(String words) {
        return switch (words.toLowerCase(Locale.ROOT)) {
            case "yes" -> true;
            case "no" -> false;
            default ->
                throw Refusal.badInput(
                        "wrong-value",
                        "sitemap",
                        "“" + words.substring(0, Math.min(60, words.length())) + "” is neither yes nor no.",
                        "Say yes or no under “" + Column.SITEMAP.heading() + "”.");
        };
    }

    private Kind usual(@Nullable String parent) {
        return Places.here(edition(), parent, desk.role()).stream()
                .filter(a -> a.whyNot().isEmpty())
                .map(Places.Answer::kind)
                .findFirst()
                .orElseThrow(() -> Refusal.badInput(
                        "not-here", "parent", "No kind of page may stand there.", "Choose another place."));
    }

    Kind kind(String words) {
        return named(Kind.class, "kind", words, k -> !k.retired() && !k.isPageless());
    }

    String template(String words) {
        return named(Template.class, "template", words, t -> !t.retired()).id();
    }

    List<String> menus(String words) {
        return Arrays.stream(words.split(";"))
                .map(String::strip)
                .filter(w -> !w.isEmpty())
                .map(w -> named(Menu.class, "menu", w, m -> true).id())
                .toList();
    }

    private <T extends Item> T named(Class<T> type, String what, String words, Predicate<T> may) {
        return edition()
                .all(type)
                .filter(may)
                .filter(i -> i.name().equalsIgnoreCase(words) || i.id().equals(words))
                .min(Comparator.comparing(Item::id))
                .orElseThrow(() -> Refusal.badInput(
                        "no-" + what,
                        what,
                        "There is no " + what + " called “" + words.substring(0, Math.min(60, words.length())) + "”.",
                        "There are: "
                                + edition()
                                        .all(type)
                                        .filter(may)
                                        .map(Item::name)
                                        .sorted()
                                        .limit(20)
                                        .collect(Collectors.joining(", "))
                                + "."));
    }
}
