package venue.core.body.form;

/**
 * What visitors did, as a page is told of it. It belongs to no edition and goes back with no release.
 *
 * @param stamp what is written into each form of a page, so that what is sent says when the page was written; or empty
 */
public record VisitorFacts(Given given, Sending sending, String stamp) {

    public static final VisitorFacts NONE = new VisitorFacts(Given.NOTHING, Sending.NOTHING, "");

    /** The same, where a form of the page has come to something. */
    public VisitorFacts at(Sending other) {
        return new VisitorFacts(given, other, stamp);
    }
}
