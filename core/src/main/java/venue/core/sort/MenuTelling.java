package venue.core.sort;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import venue.core.basics.text.Words;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;

/** What differs between two contents of a menu, line by line. */
record MenuTelling(Between between) {

    List<String> says(Menu live, Menu working) {
        List<String> says = new ArrayList<>();
        List<String> was = live.all().map(Line::id).toList();
        List<String> is = working.all().map(Line::id).toList();
        working.all().filter(l -> !was.contains(l.id())).forEach(l -> says.add("Line added: " + now(l)));
        live.all().filter(l -> !is.contains(l.id())).forEach(l -> says.add("Line taken out: " + then(l)));
        working.all()
                .forEach(l -> live.all()
                        .filter(b -> b.id().equals(l.id()))
                        .findFirst()
                        .ifPresent(b -> line(b, l, says)));
        if (!live.name().equals(working.name())) {
            says.add(0, "Called “" + working.name() + "”, before: “" + live.name() + "”");
        }
        return says.isEmpty() ? List.of("Lines put in another order") : says;
    }

    private void line(Line before, Line after, List<String> says) {
        if (!Objects.equals(before.label(), after.label())) {
            says.add("“" + then(before) + "” in it is now called “" + now(after) + "”");
        }
        if (!Objects.equals(before.link(), after.link())) {
            says.add("“" + now(after) + "” in it leads elsewhere");
        }
        if (before.follows() != after.follows()) {
            says.add("“" + now(after) + "” in it "
                    + (after.follows() == 0
                            ? "has no pages beneath it by itself any more"
                            : "has the pages of its branch beneath it, " + Words.count(after.follows(), "level")));
        }
    }

    private String then(Line line) {
        return line.words(between.live()::page);
    }

    private String now(Line line) {
        return line.words(between.working()::page);
    }
}
