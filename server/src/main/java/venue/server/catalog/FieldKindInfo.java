package venue.server.catalog;

import java.util.List;
import venue.core.body.form.FieldKind;
import venue.core.body.form.FieldKinds;
import venue.core.model.property.Property;

/** A kind of field of forms, with what one is set to. */
public record FieldKindInfo(String key, String name, boolean asks, List<Property> settings) {

    static List<FieldKindInfo> all() {
        return FieldKinds.all().stream().map(FieldKindInfo::of).toList();
    }

    private static FieldKindInfo of(FieldKind kind) {
        return new FieldKindInfo(kind.key(), kind.name(), kind.asks(), kind.settings());
    }
}
