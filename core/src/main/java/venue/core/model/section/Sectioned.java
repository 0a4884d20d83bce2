package venue.core.model.section;

import venue.core.basics.item.Item;

/** An item that is written on the page screen: its content is sections in zones. */
public interface Sectioned extends Item {

    /** The zone of items that have only one. */
    String MAIN = "main";

    /** Its sections by zone. */
    Zones body();

    /** The same item with other sections; refused where it can't hold them. */
    Sectioned withBody(Zones changed);
}
