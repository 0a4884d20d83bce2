package venue.core.model.section;

import java.util.stream.Stream;
import venue.core.basics.item.Item;

/** An item that is written on the page screen: its content is sections in zones. */
public interface Sectioned extends Item {

    /** The zone of items that have only one. */
    String MAIN = "main";

    /** Whether it has this zone by itself; a page has those of the template that it wears. */
    default boolean hasZone(String zone) {
        return zone.equals(MAIN);
    }

    /** Its sections, those among them that have no zone at present. */
    default Stream<Section> everySection() {
        return body().all();
    }

    /** Its sections by zone. */
    Zones body();

    /** The same item with other sections; refused where it can't hold them. */
    Sectioned withBody(Zones changed);
}
