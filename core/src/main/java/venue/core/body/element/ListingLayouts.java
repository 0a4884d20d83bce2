package venue.core.body.element;

import java.util.List;
import java.util.Map;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.scene.Props;
import venue.core.model.property.Property;
import venue.core.model.property.When;

/** All layouts of listings there are. */
public final class ListingLayouts {

    /** The setting that names the layout. */
    public static final String SETTING = "shape";

    private static final List<ListingLayout> ALL = List.of(
            new CardsLayout(),
            new RowsLayout(),
            new LeadLayout(),
            new AgendaLayout(),
            new CompactLayout(),
            new TilesLayout(),
            new PortraitsLayout(),
            new GalleryLayout(),
            new LineLayout(),
            new LargeLayout(),
            new TableLayout());

    private ListingLayouts() {}

    /** In the order in which they are offered. */
    public static List<ListingLayout> all() {
        return ALL;
    }

    /** The setting by which one is chosen. */
    static Property declared() {
        return Property.choice(
                SETTING,
                "Layout",
                ALL.stream().map(l -> l.key() + "=" + l.name()).toArray(String[]::new));
    }

    /** Where a setting says something: in the layouts that have a use for it. */
    static When showing(String setting) {
        return When.isOneOf(
                SETTING,
                ALL.stream()
                        .filter(l -> l.shows(setting))
                        .map(ListingLayout::key)
                        .toList());
    }

    static ListingLayout of(Props props) {
        return called(props.text(SETTING));
    }

    /** The layout that a listing's values name, or the usual one. */
    static ListingLayout of(Map<String, Value> props) {
        return called(Values.text(props, SETTING));
    }

    private static ListingLayout called(String key) {
        return ALL.stream().filter(l -> l.key().equals(key)).findFirst().orElse(ALL.get(0));
    }
}
