package venue.core.change.edit.redirect;

import venue.core.basics.link.Link;
import venue.core.change.edit.Command;

/** What is done to addresses that lead on. */
public sealed interface RedirectCommand extends Command permits LeadOn, SayGone, EndLeading {

    static RedirectCommand leadOn(String from, Link to) {
        return new LeadOn(from, to);
    }

    static RedirectCommand sayGone(String from) {
        return new SayGone(from);
    }

    static RedirectCommand endLeading(String from) {
        return new EndLeading(from);
    }
}
