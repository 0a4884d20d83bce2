package venue.core.body.element;

import venue.core.body.scene.Props;
import venue.core.model.property.Property;

/** What stands between other things and says nothing itself. */
abstract class FurnitureKind extends DeclaredKind {

    FurnitureKind(String key, String name, String note, Property... properties) {
        super(key, name, note, properties);
    }

    @Override
    public final boolean isFurniture() {
        return true;
    }

    @Override
    public final boolean isGathered() {
        return true;
    }

    @Override
    public final boolean hasSomething(Props props) {
        return true;
    }
}
