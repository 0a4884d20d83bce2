package venue.core.element;

import static venue.core.property.Property.many;
import static venue.core.property.Property.of;

import java.util.List;
import java.util.Optional;
import venue.core.html.HtmlWriter;
import venue.core.property.Property;
import venue.core.property.PropertyType;

/** A list of links, each on a line of its own. */
final class LinksElement implements ElementKind {

    private static final List<Property> PROPERTIES = List.of(many(
            "links",
            "Links",
            of("label", "Words", PropertyType.WORDS),
            of("link", "Leads to", PropertyType.LINK),
            of("note", "Note", PropertyType.WORDS)));

    @Override
    public String key() {
        return "links";
    }

    @Override
    public String name() {
        return "List of links";
    }

    @Override
    public String note() {
        return "Ways on, one to a line";
    }

    @Override
    public List<Property> properties() {
        return PROPERTIES;
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.groups("links").stream().anyMatch(l -> l.has("label"));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("ul", "links");
        props.groups("links").stream().filter(l -> l.has("label")).forEach(l -> line(l, out));
        out.end();
    }

    private static void line(Props link, HtmlWriter out) {
        Optional<String> href = link.href("link");
        out.start("li");
        href.ifPresent(h -> out.start("a").attr("href", h));
        link.write("label", out);
        href.ifPresent(h -> out.end());
        if (link.has("note")) {
            out.start("div", "small");
            link.write("note", out);
            out.end();
        }
        out.end();
    }
}
