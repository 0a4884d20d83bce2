package venue.core.body.element;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.link.Link;
import venue.core.basics.text.Phrase;
import venue.core.basics.text.SafeHtml;
import venue.core.basics.value.Value;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.theme.Look;

/** What an element can ask of the page and site around it. */
public interface Scene {

    /** Whether places to fill are shown with their prompt, as managers see them. */
    boolean showsMarks();

    /** The page that is shown. */
    Page page();

    /** The pages of the site, as far as this visitor may open them. */
    SitePages pages();

    /** Where a link leads for this visitor; empty when it leads nowhere that they may see. */
    Optional<String> href(Link link);

    /** Written text with its links led to where they go now. */
    SafeHtml rich(String html);

    Optional<Media> media(@Nullable String id);

    /** The value that a bound element shows; empty when the field holds nothing. */
    Optional<Value> bound(String source);

    /** A value of a page in words: a date in the site's language, a number with its unit. */
    String inWords(Property property, Value value);

    /** A menu with the lines that this visitor may follow; empty where there is none of that id, or no such line. */
    Optional<ShownMenu> menu(String id);

    /** Looking for something on the site. */
    Search search();

    /** What listings here show. */
    Listings listings();

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

    /** A page's own address as served; empty for an entry that has no page. */
    String address(Page page);

    /** What a picture shows, in the page's language, for those who don't see it; empty where it only decorates. */
    String alt(Media media);

    /** Words of our own, in the site's language. */
    String say(Phrase phrase);

    /** An id that nothing else on the page has. */
    String freshId();

    /** The day and time in the site's zone. */
    LocalDateTime localTime();

    /** A fact of the site as it was written; empty when nobody has. */
    Optional<String> fact(String key);

    /** Whether the managers allow pages of a host to be shown within the site's. */
    boolean mayFrame(String host);

    /** Something of another host is shown here: the page says so to whoever serves it. */
    void framed(String address);

    /** A map of a tile server can be shown here, when a visitor agrees: the page says so to whoever serves it. */
    void tiled(String address);

    /** Where HTML of the managers' own is served, sealed off from the page. */
    String ownHtml(String html);

    /** The files of a folder and of the folders within it. */
    List<Media> folder(String name);

    /** The page's headings, where it lists them. */
    Outline outline();

    Headings headings();

    /** The language the page is written in, as a BCP 47 tag. */
    String language();

    /** The look that the site wears. */
    Look look();

    /**
     * Counts the pictures of the page as they are written, from 1: the first few are among what a visitor sees first.
     *
     * @param room of how many pictures this one takes the room
     */
    int nextPicture(int room);

    /** The share of the page's width, in twelfths, that the column at hand has. */
    int span();
}
