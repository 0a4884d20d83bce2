package venue.core.model.property;

/** What a property holds, and so which input the interface draws for it. */
public enum PropertyType {
    /** One line of plain words. */
    WORDS,
    /** Several lines of plain words. */
    LINES,
    /** Written text as cleaned HTML. */
    RICH,
    NUMBER,
    YES_NO,
    CHOICE,
    /** A colour as #RRGGBB (CSS Color 4, sRGB). */
    COLOUR,
    /** The id of a picture. */
    PICTURE,
    /** The id of a file of any sort. */
    FILE,
    /** The id of a font file. */
    FONT,
    LINK,
    /** A day, ISO 8601 (2026-11-27). */
    DATE,
    /** A local day and time in the site's zone, ISO 8601 (2026-11-27T19:00). */
    DATE_TIME,
    /** The id of a page. */
    PAGE,
    /** The id of what a listing can show: a page, or an entry of a kind without pages. */
    ENTRY,
    /** The id of a page that is a topic. */
    TOPIC,
    /** The id of a kind. */
    KIND,
    /** The key of a field. */
    FIELD,
    /** The name of a folder of files, with those that it lies in: {@code Minutes/2026}. */
    FOLDER,
    /** The id of a menu. */
    MENU,
    /** The id of a group of members. */
    GROUP,
    /** The id of a form. */
    FORM,
    /** What one of the template's options must be, as {@code key=value}; empty for whatever it is. */
    OPTION,
    /** Several groups of further properties. */
    MANY;

    /** Whether it holds what somebody writes. */
    public boolean isText() {
        return this == WORDS || this == LINES || this == RICH;
    }
}
