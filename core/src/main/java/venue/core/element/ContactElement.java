package venue.core.element;

import static venue.core.property.Property.choice;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import venue.core.html.HtmlWriter;
import venue.core.property.Property;
import venue.core.property.PropertyType;
import venue.core.value.Value;

/** How to reach the organisation, from the facts of the site. */
final class ContactElement extends DeclaredKind {

    private static final List<Property> FACTS = List.of(
            Property.of("email", "E-mail", PropertyType.WORDS), Property.of("phone", "Telephone", PropertyType.WORDS));

    ContactElement() {
        super(
                "contact",
                "Contact",
                "From the facts of the site",
                choice("contacts", "Contacts", "words=As words", "signs=As signs"));
    }

    @Override
    public List<String> siteFacts() {
        return List.of("postalAddress", "email", "phone");
    }

    @Override
    public boolean hasSomething(Props props) {
        return siteFacts().stream().anyMatch(f -> props.scene().fact(f).isPresent());
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        out.start("address", "contact");
        scene.fact("postalAddress").ifPresent(a -> {
            out.start("p", "lines").text(a).end();
        });
        Map<String, Value> known = new TreeMap<>();
        List.of("email", "phone").forEach(f -> scene.fact(f).ifPresent(v -> known.put(f, Value.of(v))));
        Contacts.write(new Props(FACTS, known, scene), props.text("contacts").equals("signs"), out);
        out.end();
    }
}
