package venue.core.change.edit.page;

import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Places;
import venue.core.model.kind.Kind;
import venue.core.model.site.Role;

/** Holds pages to where they may stand. */
final class PlaceCheck {

    private PlaceCheck() {}

    /** @param evenSo whether somebody who may wants it all the same */
    static void require(Desk desk, Places.Answer answer, @Nullable Boolean evenSo) {
        Kind kind = answer.kind();
        boolean passes = answer.may() && Boolean.TRUE.equals(evenSo);
        if (answer.whyNot().isEmpty() || passes) {
            return;
        }
        String way = answer.may()
                ? "Choose another place, or do it even so; the survey will say that it stands against the rules."
                : desk.role() == Role.EDITOR ? "Choose another place, or ask a manager." : "Choose another kind.";
        throw Refusal.badInput(
                "not-here", "parent", kind.pages() + " " + answer.whyNot().get() + ".", way);
    }
}
