package venue.store.workspace;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import venue.core.edit.Command;
import venue.core.edit.MakePages;
import venue.core.edit.MakeTemplate;
import venue.core.edit.PlaceElement;
import venue.core.edit.PlaceSection;
import venue.core.edit.RollOutSections;
import venue.core.edit.SetValue;
import venue.core.rollout.Choice;
import venue.core.rollout.RollOut;
import venue.core.site.Role;
import venue.core.template.Template;
import venue.core.value.Value;
import venue.store.database.Database;

/** A process that rolls a template out, a few pages at a time, saying how far it is, until it is done or killed. */
final class Roller {

    static final int PAGES = 120;
    private static final int AT_ONCE = 5;
    private static final String T = "leaflet";

    private Roller() {}

    public static void main(String[] args) {
        Database database = Yard.database(Path.of(args[0]));
        rest(Yard.open(database).require("yard"));
        System.out.println("done 1");
    }

    /** Pages that wear the template, some adapted, and a template that has changed since. */
    static void prepare(Workspace yard) {
        give(yard, new MakeTemplate(T, "Leaflet", "plain", null));
        give(yard, new PlaceSection(T, "main", 0, "lead", null, null, List.of(12)));
        give(yard, new PlaceElement(T, "lead", "c1", 0, "words", "text", Map.of("text", Value.of("<p>Lead</p>"))));
        List<MakePages.NewPage> pages = IntStream.range(0, PAGES)
                .mapToObj(n -> new MakePages.NewPage("leaf" + n, "Leaf " + n))
                .toList();
        give(yard, new MakePages(null, null, "standard", T, pages, null, List.of(), Map.of()));
        for (int n = 0; n < PAGES; n += 3) {
            String copy = yard.now()
                    .working()
                    .require(venue.core.page.Page.class, "leaf" + n)
                    .zones()
                    .in("main")
                    .get(0)
                    .id();
            give(yard, new SetValue("leaf" + n, copy, "words", "text", Value.of("<p>Own " + n + "</p>")));
        }
        give(yard, new SetValue(T, "lead", "words", "text", Value.of("<p>Newer</p>")));
        give(yard, new PlaceSection(T, "main", 1, "fresh", null, null, List.of(6, 6)));
    }

    static RollOut of(Workspace yard) {
        return new RollOut(
                yard.now().working(),
                yard.now().working().require(Template.class, T),
                yard.desk().archive(),
                yard.now().hashOf(T));
    }

    /** Rolls out to the pages that are left. */
    static void rest(Workspace yard) {
        List<String> open = new ArrayList<>(of(yard).rows().stream()
                .filter(RollOut.Row::isOpen)
                .map(r -> r.page().id())
                .toList());
        for (int at = 0; at < open.size(); at += AT_ONCE) {
            Map<String, Map<String, Choice>> pages = new HashMap<>();
            open.subList(at, Math.min(open.size(), at + AT_ONCE)).forEach(p -> pages.put(p, follow(yard, p)));
            yard.run(new Asked("Ana", Role.MANAGER, new RollOutSections(T, pages), Map.of(), "roll", null));
            System.out.println("kept " + at);
        }
    }

    static Map<String, Choice> follow(Workspace yard, String page) {
        Map<String, Choice> choices = new HashMap<>();
        of(yard).row(yard.now().working().require(venue.core.page.Page.class, page))
                .strands()
                .forEach(s -> choices.put(s.key(), Choice.FOLLOW));
        return choices;
    }

    private static void give(Workspace yard, Command command) {
        yard.run(Asked.of("Ana", command));
    }
}
