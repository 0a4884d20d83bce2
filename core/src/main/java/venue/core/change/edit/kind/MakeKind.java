package venue.core.change.edit.kind;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.kind.ReadyKinds;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/**
 * Makes a kind: with the two fields that listings and shared links show, or as a copy.
 *
 * @param from the kind to copy, one of the site or a ready-made one
 */
@JsonTypeName("make-kind")
record MakeKind(String id, String name, @Nullable String from) implements KindCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Ids.check(id, "id");
        if (edition.find(id).isPresent()) {
            throw Refusal.conflict("id-taken", "id", "This kind has been made already.", "Reload to see it.");
        }
        String words = Names.check(edition, Kind.class, id, name);
        Kind made = from == null
                ? Kind.named(id, words, "", bare())
                : edition.find(Kind.class, from)
                        .or(() -> ReadyKinds.find(from))
                        .orElseGet(() -> edition.require(Kind.class, from))
                        .copy(id, words);
        return Change.of("make the kind " + words, made);
    }

    private static List<Property> bare() {
        return List.of(
                Property.of("summary", "Summary", PropertyType.LINES)
                        .help("Shown in listings, and when the page is shared."),
                Property.of("picture", "Picture", PropertyType.PICTURE)
                        .help("Shown in listings and behind the title."));
    }
}
