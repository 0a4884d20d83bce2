package venue.core.body.element;

import java.util.Arrays;
import java.util.List;
import venue.core.body.element.ListingLayout.Stock;
import venue.core.model.property.Property;

/** The ways in which what was found is set. */
public enum FoundLayouts {
    WORDS("words", "Title and words around", ""),
    COMPACT("compact", "Titles alone", "compact"),
    PICTURES("pictures", "With pictures", "rows"),
    CARDS("cards", "Cards", "cards"),
    KINDS("kinds", "By kind", "");

    private final String key;
    private final String says;
    private final String listing;

    /** @param listing the layout of listings that it is set like; empty where it is a plain list */
    FoundLayouts(String key, String says, String listing) {
        this.key = key;
        this.says = says;
        this.listing = listing;
    }

    /** The setting by which one is chosen. */
    static Property declared() {
        return Property.choice(
                ListingLayouts.SETTING,
                "Layout",
                Arrays.stream(values()).map(l -> l.key + "=" + l.says).toArray(String[]::new));
    }

    static FoundLayouts called(String key) {
        return Arrays.stream(values())
                .filter(l -> l.key.equals(key))
                .findFirst()
                .orElse(WORDS);
    }

    /** In the order in which they are offered. */
    public static List<FoundLayouts> all() {
        return List.of(values());
    }

    /** The name kept in contents. */
    public String key() {
        return key;
    }

    /** The name people read. */
    public String says() {
        return says;
    }

    /** What it does with what was found, or empty. */
    public String note(Stock stock) {
        return this == PICTURES || this == CARDS ? stock.some(stock.pictures(), "a picture") : "";
    }

    /** The layout of listings that it is set like; empty where it is a plain list. */
    String listing() {
        return listing;
    }

    boolean showsPictures() {
        return this == PICTURES || this == CARDS;
    }
}
