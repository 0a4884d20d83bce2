package venue.core.body.form;

import venue.core.body.trace.Traces;

/**
 * What visitors did, as a page is told of it. It belongs to no edition and goes back with no release.
 *
 * @param stamp what is written into each form of a page, so that what is sent says when the page was written; or empty
 * @param here whether what is sent comes here: not from pages that are served elsewhere, which don't know what is left either
 * @param traces what they left on pages
 * @param server where what is sent goes to, with scheme and host; empty for where the page is, or nowhere
 */
public record VisitorFacts(Given given, Sending sending, String stamp, boolean here, Traces traces, String server) {

    public static final VisitorFacts NONE = new VisitorFacts(Given.NOTHING, Sending.NOTHING, "", true);

    /** As pages are told that leave this machine. */
    public static final VisitorFacts AWAY = new VisitorFacts(Given.NOTHING, Sending.NOTHING, "", false);

    public VisitorFacts(Given given, Sending sending, String stamp, boolean here) {
        this(given, sending, stamp, here, Traces.NOTHING, "");
    }

    /**
     * As pages are told that are served elsewhere.
     *
     * @param server where they ask what they can't answer themselves; empty for nowhere
     */
    public static VisitorFacts away(String server) {
        return new VisitorFacts(Given.NOTHING, Sending.NOTHING, "", false, Traces.NOTHING, server);
    }

    /** As a part of a page is told that is shown within a page elsewhere. */
    public VisitorFacts within(String origin) {
        return new VisitorFacts(given, sending, stamp, here, traces, origin);
    }

    /** The same, where a form of the page has come to something. */
    public VisitorFacts at(Sending other) {
        return new VisitorFacts(given, other, stamp, here, traces, server);
    }

    /** The same, with what visitors left. */
    public VisitorFacts with(Traces other) {
        return new VisitorFacts(given, sending, stamp, here, other, server);
    }
}
