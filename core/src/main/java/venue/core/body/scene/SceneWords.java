package venue.core.body.scene;

import java.util.List;
import java.util.Optional;
import venue.core.basics.text.Phrase;
import venue.core.basics.text.SafeHtml;
import venue.core.basics.value.Value;
import venue.core.model.page.Page;
import venue.core.model.property.Property;

/** What an element can say: words of our own, what pages hold in their fields, what the site tells of itself. */
public interface SceneWords {

    /** Whether places to fill are shown with their prompt, as managers see them. */
    boolean showsMarks();

    /** The language the page is written in, as a BCP 47 tag. */
    String language();

    /** Words of our own, in the page's language. */
    String say(Phrase phrase);

    /** Written text with its links led to where they go now. */
    SafeHtml rich(String html);

    /** The value that a bound element shows; empty when the field holds nothing. */
    Optional<Value> bound(String source);

    /** A value of a page in words: a date in the site's language, a number with its unit. */
    String inWords(Property property, Value value);

    /** The text of a page: what is written in its own text elements, in order. */
    SafeHtml wholeText(Page page);

    /** What a page holds in a field: its own value, else its kind's default. */
    Optional<Value> field(Page page, String key);

    /** What a page's field still wants, for those who see places to fill; empty for visitors, and where it is given. */
    default Optional<String> prompt(Page page, String key) {
        return showsMarks()
                ? field(page, key).filter(v -> v instanceof Value.ToFill).map(v -> ((Value.ToFill) v).prompt())
                : Optional.empty();
    }

    /** The words a page holds in a field, or none. */
    default String words(Page page, String key) {
        return field(page, key).orElse(null) instanceof Value.Text text ? text.text() : "";
    }

    /** What a page holds in a field as words of its language; empty where that is nothing, or a place to fill. */
    default String said(Page page, String key) {
        return field(page, key)
                .filter(v -> !(v instanceof Value.ToFill))
                .flatMap(v -> declared(page, key).map(f -> inWords(f, v)))
                .orElse("");
    }

    /** A field as a page's kind declares it; empty where it has none of that key. */
    Optional<Property> declared(Page page, String key);

    /** The fields of a page's kind. */
    List<Property> fields(Page page);

    /** Those that are shown as facts. */
    default List<Property> shownFields(Page page) {
        return fields(page).stream().filter(Property::shown).toList();
    }

    /** A fact of the site as it was written; empty when nobody has. */
    Optional<String> fact(String key);
}
