package venue.core.body.element;

import static venue.core.model.property.Property.choice;

import java.util.List;
import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;

/** How to reach the organisation, from the facts of the site. */
final class ContactElement extends DeclaredKind {

    ContactElement() {
        super(
                "contact",
                "Contact",
                "From the facts of the site, or the page’s own fields",
                choice("of", "Whose", "site=The site’s", "page=This page’s", "either=This page’s, else the site’s")
                        .help("A page has its own where its kind has the fields “email” and “phone”."),
                choice("contacts", "Contacts", "words=As words", "signs=As signs", "buttons=As buttons"));
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ROWS;
    }

    @Override
    public List<String> siteFacts() {
        return List.of("postalAddress", "email", "phone");
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return ofPage(props)
                || ofSite(props)
                        && siteFacts().stream()
                                .anyMatch(f -> props.scene().words().fact(f).isPresent());
    }

    private static boolean ofPage(Props props) {
        return !props.text("of").equals("site")
                && Contacts.any(props.scene(), props.scene().page());
    }

    private static boolean ofSite(Props props) {
        return !props.text("of").equals("page") && !ofPage(props);
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        String form = props.text("contacts");
        out.start("address", "contact");
        if (ofSite(props)) {
            scene.words().fact("postalAddress").ifPresent(a -> {
                out.start("p", "lines").text(a).end();
            });
            Contacts.write(scene, key -> scene.words().fact(key).orElse(""), form, out);
        } else {
            Contacts.write(scene, key -> scene.words().words(scene.page(), key), form, out);
        }
        out.end();
    }
}
