package venue.core.element;

import java.util.List;
import venue.core.html.HtmlWriter;
import venue.core.link.Link;

/** Where else the organisation can be followed, from the facts of the site: on each line a name and an address. */
final class SocialElement extends DeclaredKind {

    SocialElement() {
        super("social", "Social links", "From the facts of the site");
    }

    @Override
    public List<String> siteFacts() {
        return List.of("social");
    }

    private static List<String[]> links(Props props) {
        return props.scene()
                .fact("social")
                .orElse("")
                .lines()
                .map(String::strip)
                .map(l -> new String[] {l.replaceAll("\\s*\\S+$", ""), l.replaceAll("^.*\\s", "")})
                .filter(l -> Link.isAllowed(l[1]))
                .toList();
    }

    @Override
    public boolean hasSomething(Props props) {
        return !links(props).isEmpty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("ul", "social");
        for (String[] link : links(props)) {
            out.start("li").start("a").attr("href", link[1]).attr("rel", "me");
            out.text(link[0].isEmpty() ? link[1] : link[0]).end().end();
        }
        out.end();
    }
}
