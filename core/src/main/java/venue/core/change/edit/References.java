package venue.core.change.edit;

import java.util.List;
import java.util.Map;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.body.form.ReadyForms;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.form.Form;
import venue.core.model.gate.Group;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.property.Naming;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;

/** Values that name other items, by the type that is declared of them: what they name must be there, within lists too. */
public final class References {

    private References() {}

    /** The value as the property takes it; refused where it does not fit, or names what is not there. */
    public static Value checked(Edition edition, Property property, Value value, String path) {
        Value clean = PropertyCheck.one(property, value, path);
        Naming.each(property, clean, (p, text) -> require(edition, p, text));
        return clean;
    }

    /** The same for every value. */
    public static Map<String, Value> checked(
            Edition edition, List<Property> declared, Map<String, Value> values, String path) {
        Map<String, Value> clean = PropertyCheck.all(declared, values, path);
        Naming.each(declared, clean, (property, text) -> require(edition, property, text));
        return clean;
    }

    /** A page that a formatted text links to may be gone: the survey says so, and the text can still be written in. */
    private static void require(Edition edition, Property property, String text) {
        switch (property.type()) {
            case PICTURE, FILE -> edition.require(Media.class, text);
            case FONT -> requireFont(edition.require(Media.class, text));
            case PAGE -> edition.require(Page.class, text);
            case ENTRY -> requireListed(edition, text);
            case TOPIC -> requireTopic(edition, edition.require(Page.class, text));
            case KIND -> edition.require(Kind.class, text);
            case MENU -> edition.require(Menu.class, text);
            case GROUP -> edition.require(Group.class, text);
            case FORM -> {
                if (ReadyForms.find(text).isEmpty()) {
                    edition.require(Form.class, text);
                }
            }
            case LINK -> new Link(text).pageId().ifPresent(id -> edition.require(Page.class, id));
            default -> {}
        }
    }

    private static void requireListed(Edition edition, String id) {
        if (edition.find(Entry.class, id).isEmpty()) {
            edition.require(Page.class, id);
        }
    }

    private static void requireTopic(Edition edition, Page page) {
        if (edition.kindOf(page).filter(Kind::isOfTopics).isEmpty()) {
            throw Refusal.badInput(
                    "no-topic",
                    "value",
                    "“" + page.title() + "” is no topic.",
                    "Choose a page of a kind whose pages are topics.");
        }
    }

    private static void requireFont(Media file) {
        if (file.font() == null) {
            throw Refusal.badInput(
                    "no-font", "value", "“" + file.name() + "” is no font.", "Choose or upload a WOFF2 file.");
        }
    }
}
