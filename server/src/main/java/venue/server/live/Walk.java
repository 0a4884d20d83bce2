package venue.server.live;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.body.scene.Guest;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.GateWords;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Visitor;
import venue.core.show.render.Wrapping;
import venue.server.proof.SeenAs;

/**
 * One of those who make a site looks at it as somebody else would.
 *
 * @param working whether it is the working copy that they walk; else the live site
 */
public record Walk(Visitor visitor, boolean working) {

    /** Where a walk ends. */
    static final String END = "/-/walk/end";

    private static final String WORKING = "working";
    private static final String LIVE = "live";

    /**
     * A walk as it is written in an address.
     *
     * @param as as {@link SeenAs} has it
     * @param of {@code working} or {@code live}
     */
    static Optional<Walk> of(String as, String of) {
        return List.of(WORKING, LIVE).contains(of) && SeenAs.isWritten(as)
                ? Optional.of(new Walk(SeenAs.of(as), of.equals(WORKING)))
                : Optional.empty();
    }

    /** The same as it is written. */
    String written() {
        return SeenAs.written(visitor) + "/" + (working ? WORKING : LIVE);
    }

    /** Whom pages greet where they greet members: the groups themselves. */
    Guest guest(Edition edition) {
        return visitor.as() == Visitor.As.MEMBER
                ? new Guest(called(edition), "walk", Map.of(), 0, Guest.Turn.NONE)
                : Guest.NOBODY;
    }

    private String called(Edition edition) {
        return visitor.groups().isEmpty() ? "member" : GateWords.of(edition, Audience.of(visitor.groups()));
    }

    /** The line that says so above every page, with what else is to be said. */
    Wrapping marked(Edition edition, String more) {
        String as = visitor.isStranger()
                ? "a stranger"
                : visitor.as() == Visitor.As.US
                        ? "one of us"
                        : visitor.groups().isEmpty()
                                ? "a member of no group"
                                : "a member of " + GateWords.of(edition, Audience.of(visitor.groups()));
        String says = "You walk the " + (working ? "working copy" : "live site") + " as " + as + "." + more;
        return new Wrapping("venue-walk", "/-/walk.css", null, true, new Wrapping.Bar(says, END, "End the walk"));
    }
}
