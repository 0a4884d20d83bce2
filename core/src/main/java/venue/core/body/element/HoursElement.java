package venue.core.body.element;

import java.util.List;
import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;

/** When it is open, from the facts of the site: on each line a day, a colon, and the hours. */
final class HoursElement extends DeclaredKind {

    HoursElement() {
        super("hours", "Opening hours", "From the facts of the site");
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ROWS;
    }

    @Override
    public List<String> siteFacts() {
        return List.of("hours");
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.scene().words().fact("hours").isPresent();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        List<String> lines = props.scene()
                .words()
                .fact("hours")
                .orElse("")
                .lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty())
                .toList();
        if (lines.stream().allMatch(l -> l.contains(":"))) {
            out.start("dl", "facts");
            lines.forEach(l -> {
                int colon = l.indexOf(':');
                out.element("dt", l.substring(0, colon).strip())
                        .element("dd", l.substring(colon + 1).strip());
            });
            out.end();
        } else {
            out.start("p", "lines").text(String.join("\n", lines)).end();
        }
    }
}
