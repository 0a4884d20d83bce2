package venue.core.change.edit.redirect;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.redirect.Redirect;

/**
 * Takes away an address that leads on and never did so for visitors, or at which a page stands now: what was live once leads
 * somewhere for good.
 */
@JsonTypeName("end-leading")
record EndLeading(String from) implements RedirectCommand {

    @Override
    public Change on(Desk desk) {
        Redirect redirect = desk.edition().redirectFrom(from).orElseThrow(() -> Refusal.unknown("redirect", from));
        boolean shadowed = desk.edition().plan().pageAt(from).isPresent();
        if (!shadowed && desk.live().redirectFrom(from).isPresent()) {
            throw Refusal.conflict(
                    "was-live",
                    "from",
                    from + " leads visitors on: whoever has it would find nothing.",
                    "Let it lead elsewhere, or say that what stood there is gone.");
        }
        return new Change("take away the address " + from, List.of(), List.of(redirect.id()));
    }
}
