package venue.core.element;

import static venue.core.property.Property.choice;

import java.util.List;
import venue.core.html.HtmlWriter;
import venue.core.property.Property;

/** A rule between two things. */
final class DividerElement implements ElementKind {

    private static final List<Property> PROPERTIES =
            List.of(choice("shape", "Shape", "full=Across the column", "short=Short and strong"));

    @Override
    public String key() {
        return "divider";
    }

    @Override
    public String name() {
        return "Divider";
    }

    @Override
    public String note() {
        return "A rule between two things";
    }

    @Override
    public List<Property> properties() {
        return PROPERTIES;
    }

    @Override
    public boolean hasSomething(Props props) {
        return true;
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.empty("hr").attr("class", props.text("shape").equals("short") ? "rule short" : "rule");
    }
}
