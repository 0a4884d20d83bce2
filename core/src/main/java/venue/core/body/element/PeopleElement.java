package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.Optional;
import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Way;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.PropertyType;

/** Who is who, with how to reach them. */
final class PeopleElement extends ListKind {

    private static final int QUARTER = 3;

    PeopleElement() {
        super(
                "people",
                Sketch.sideBySide(3),
                "people",
                "People",
                "Who is who, and how to reach them",
                many(
                        "people",
                        "People",
                        of("picture", "Portrait", PropertyType.PICTURE).wants(PictureSlot.wide(400, "1 : 1")),
                        of("name", "Name", PropertyType.WORDS),
                        of("role", "What they do", PropertyType.WORDS),
                        of("words", "About them", PropertyType.LINES),
                        of("email", "E-mail", PropertyType.WORDS).notWords(),
                        of("phone", "Telephone", PropertyType.WORDS).notWords(),
                        of("link", "Page", PropertyType.LINK)),
                choice("crop", "Portraits", "round=Round", "square=Square", "own=As they are"),
                choice("contacts", "Contacts", "words=As words", "signs=As signs", "buttons=As buttons"),
                of("tiles", "In tiles", PropertyType.YES_NO).fallback(Value.of(false)));
    }

    @Override
    public Set<String> themeParts() {
        return Set.of("lists", "pictures");
    }

    @Override
    public boolean isOfPersons() {
        return true;
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        int level = props.scene().headings().beneath();
        String contacts = props.text("contacts");
        out.start("ul", "persons c-" + props.text("crop") + (props.flag("tiles") ? " tiles" : ""));
        props.shown("people").forEach(p -> person(p, level, contacts, out));
        out.end();
    }

    private static void person(Props person, int level, String contacts, HtmlWriter out) {
        out.start("li", "person tile");
        person.media("picture")
                .ifPresentOrElse(
                        m -> Pictures.write(
                                person.scene(), m, person.scene().pictures().alt(m), QUARTER, out),
                        () -> {
                            if (person.isToFill("picture")) {
                                Tiles.place(person, "picture", "div", out);
                            }
                            if (!person.text("name").isEmpty()) {
                                Tiles.initial(person.text("name"), out);
                            }
                        });
        if (person.has("name")) {
            out.start("h" + level, "h z-medium");
            Optional<Way> way = person.way("link");
            way.ifPresent(w -> out.start(w, ""));
            person.write("name", out);
            way.ifPresent(out::end);
            out.end();
        }
        Tiles.line(person, "role", "p", "small", out);
        Tiles.line(person, "words", "p", "about", out);
        Contacts.write(person, contacts, out);
        out.end();
    }
}
