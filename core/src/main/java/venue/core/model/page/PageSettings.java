package venue.core.model.page;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;
import static venue.core.model.property.PropertyType.LINES;
import static venue.core.model.property.PropertyType.PICTURE;
import static venue.core.model.property.PropertyType.WORDS;
import static venue.core.model.property.PropertyType.YES_NO;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.gate.GateSettings;
import venue.core.model.kind.KindSettings;
import venue.core.model.part.PagePart;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.Property;

/** The declared settings that every page has, whatever its kind. */
public final class PageSettings {

    /** The value of the setting for pages in the site's own language. */
    private static final String SITES = "site";

    private static final String VISITORS = "What visitors leave";
    private static final String COMMENTS = "comments";
    private static final String RATINGS_CLOSED = "ratingsClosed";

    private static final List<Property> OWN = List.of(
            of("searchTitle", "Search title", WORDS).help("Shown by search engines. About 60 letters fit."),
            of("searchDescription", "Search description", LINES)
                    .help("What somebody searching should know, in 150 letters."),
            of("shareImage", "Picture when shared", PICTURE).wants(PictureSlot.wide(1200, "1.91 : 1")),
            of("keepOut", "Keep out of search engines", YES_NO).fallback(Value.of(false)),
            of("menuLabel", "Label in menus", WORDS).help("Instead of the title, where space is short."),
            choice(
                            "language",
                            "Language",
                            SITES + "=As the site",
                            "en=English",
                            "ar=Arabic",
                            "cy=Welsh",
                            "da=Danish",
                            "de=German",
                            "es=Spanish",
                            "fr=French",
                            "ga=Irish",
                            "gd=Gaelic",
                            "he=Hebrew",
                            "it=Italian",
                            "nl=Dutch",
                            "pl=Polish",
                            "pt=Portuguese",
                            "sv=Swedish",
                            "uk=Ukrainian")
                    .help("For screen readers and search engines, and for the words of pictures."),
            of("alone", "Leave alone in roll-outs", YES_NO)
                    .fallback(Value.of(false))
                    .help("Changes of its template's starter sections are not offered to this page."),
            choice(
                            "sides",
                            "Columns beside the content",
                            "usual=As usual",
                            "left=On the left",
                            "right=On the right",
                            "both=On both sides",
                            "none=None")
                    .under(PagePart.GROUP),
            choice(
                            COMMENTS,
                            "Comments",
                            "kind=As its kind says",
                            "none=None",
                            "held=Once somebody has let them through",
                            "once=At once",
                            "closed=Closed: what was said stays")
                    .under(VISITORS),
            of(RATINGS_CLOSED, "Takes no more ratings", YES_NO)
                    .fallback(Value.of(false))
                    .under(VISITORS),
            KindSettings.MAY_HOLD,
            of(BeneathOrder.KEY, "Order of the pages beneath", WORDS),
            listed(Listed.AROUND, "In side navigation"),
            listed(Listed.INDEX, "In contents of the site"),
            listed(Listed.NEIGHBOURS, "Before and after other pages"));

    private static final List<Property> ALL = Stream.of(OWN, GateSettings.inherited(), PagePart.ofPages())
            .flatMap(List::stream)
            .toList();

    private PageSettings() {}

    /** The lists of other pages in which a page stands by itself unless it says otherwise, each for itself. */
    public enum Listed {
        AROUND("inAround"),
        INDEX("inIndex"),
        NEIGHBOURS("inNeighbours");

        private final String key;

        Listed(String key) {
            this.key = key;
        }

        /** Whether the page stands in such lists. */
        public boolean holds(Page page) {
            return !Value.of(false).equals(page.settings().get(key));
        }
    }

    private static Property listed(Listed list, String label) {
        return of(list.key, label, YES_NO).fallback(Value.of(true)).under("It stands in lists of other pages");
    }

    /** The language a page is written in, as a BCP 47 tag. */
    public static String language(Page page, String sites) {
        String own = Values.text(page.settings(), "language");
        return own.isEmpty() || own.equals(SITES) ? sites : own;
    }

    /** Whether roll-outs pass the page over. */
    public static boolean isLeftAlone(Page page) {
        return Values.flag(page.settings(), "alone");
    }

    /** How a page says that it takes comments; empty or {@code kind} where its kind says it. */
    public static String comments(Page page) {
        return Values.text(page.settings(), COMMENTS);
    }

    /** Whether a page takes no more ratings. */
    public static boolean isRatingClosed(Page page) {
        return Values.flag(page.settings(), RATINGS_CLOSED);
    }

    public static List<Property> all() {
        return ALL;
    }
}
