package venue.core.body.element;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Props;

/** Where else the organisation can be followed, from the facts of the site: on each line a name and an address. */
final class SocialElement extends DeclaredKind {

    SocialElement() {
        super("social", "Social links", "From the facts of the site");
    }

    @Override
    public List<String> siteFacts() {
        return List.of("social");
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return SocialLinks.any(props.scene());
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        SocialLinks.write(props.scene(), out);
    }
}
