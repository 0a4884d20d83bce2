package venue.store.workspace;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.page.NewPage;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.change.rollout.Decision;
import venue.core.change.rollout.RollOut;
import venue.core.model.site.Role;
import venue.core.model.template.Template;
import venue.store.database.Database;

/** A process that rolls a template out, a few pages at a time, saying how far it is, until it is done or killed. */
final class Roller {

    private static final PersonId ANA = new PersonId("Ana");

    static final int PAGES = 120;
    private static final int AT_ONCE = 5;
    private static final String T = "leaflet";

    private Roller() {}

    public static void main(String[] args) {
        Database database = Yard.database(Path.of(args[0]));
        rest(Yard.open(database).require(new SiteId("yard")));
        System.out.println("done 1");
    }

    /** Pages that wear the template, some adapted, and a template that has changed since. */
    static void prepare(Workspace yard) {
        give(yard, TemplateCommand.makeTemplate(T, "Leaflet", "plain", null));
        give(yard, SectionCommand.placeSection(T, "main", 0, "lead", null, null, List.of(12)));
        give(
                yard,
                SectionCommand.placeElement(
                        T, "lead", "c1", 0, "words", "text", Map.of("text", Value.of("<p>Lead</p>"))));
        List<NewPage> pages = IntStream.range(0, PAGES)
                .mapToObj(n -> new NewPage("leaf" + n, "Leaf " + n))
                .toList();
        give(yard, NewPages.of("standard", pages).wearing(T).made());
        for (int n = 0; n < PAGES; n += 3) {
            String copy = yard.now()
                    .working()
                    .require(venue.core.model.page.Page.class, "leaf" + n)
                    .zones()
                    .in("main")
                    .get(0)
                    .id();
            give(yard, ValueCommand.setValue("leaf" + n, copy, "words", "text", Value.of("<p>Own " + n + "</p>")));
        }
        give(yard, ValueCommand.setValue(T, "lead", "words", "text", Value.of("<p>Newer</p>")));
        give(yard, SectionCommand.placeSection(T, "main", 1, "fresh", null, null, List.of(6, 6)));
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
            Map<String, Map<String, Decision>> pages = new HashMap<>();
            open.subList(at, Math.min(open.size(), at + AT_ONCE)).forEach(p -> pages.put(p, follow(yard, p)));
            yard.run(new AskedRequest(
                    ANA, Role.MANAGER, TemplateCommand.rollOutSections(T, pages), Map.of(), "roll", null));
            System.out.println("kept " + at);
        }
    }

    static Map<String, Decision> follow(Workspace yard, String page) {
        Map<String, Decision> choices = new HashMap<>();
        of(yard).row(yard.now().working().require(venue.core.model.page.Page.class, page))
                .strands()
                .forEach(s -> choices.put(s.key(), Decision.FOLLOW));
        return choices;
    }

    private static void give(Workspace yard, Command command) {
        yard.run(AskedRequest.of(ANA, command));
    }
}
