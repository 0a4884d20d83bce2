package venue.core.change.edit.kind;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.kind.Placement;
import venue.core.model.page.Page;

/** Says what pages of a kind may stand beneath. Pages that stand elsewhere stay; the survey tells of them. */
@JsonTypeName("place-kind")
record PlaceKind(String kind, Placement beneath) implements KindCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Kind target = edition.require(Kind.class, kind);
        boolean named = beneath.where() != Placement.Where.ANYWHERE;
        if (named && beneath.ids().isEmpty()) {
            throw Refusal.badInput(
                    "no-place",
                    "beneath",
                    "No place is named, so no " + target.name() + " page could be made.",
                    "Name one, let them stand anywhere, or retire the kind.");
        }
        Class<? extends Item> of = beneath.where() == Placement.Where.BENEATH_PAGES ? Page.class : Kind.class;
        beneath.ids().forEach(id -> edition.require(of, id));
        Placement clean = named ? beneath : Placement.ANYWHERE;
        return Change.of("places of the kind " + target.name(), target.withPlacement(clean));
    }
}
