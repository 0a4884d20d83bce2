package venue.core.show.render;

import org.jspecify.annotations.Nullable;

/**
 * What stands around a page that is shown otherwise than to its visitors.
 *
 * @param htmlClass the class of the document itself
 * @param stylesheet path of one more stylesheet
 * @param script path of a script at the end
 * @param keptOut whether search engines are to leave it alone
 * @param bar what stands above the page, whatever its template
 */
public record Wrapping(
        @Nullable String htmlClass,
        @Nullable String stylesheet,
        @Nullable String script,
        boolean keptOut,
        @Nullable Bar bar) {

    /**
     * A line above a page that says as what it is looked at.
     *
     * @param link where its one link leads
     * @param words what the link says
     */
    public record Bar(String says, String link, String words) {}

    /** Nothing: as visitors get it. */
    public static final Wrapping NONE = new Wrapping(null, null, null, false, null);
}
