package venue.core.model.page;

import java.util.Map;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;

/** An item of a kind, with the fields that the kind declares: a page, or an entry without a page. */
public interface OfKind extends Item {

    String kind();

    /** The values of its kind's fields; those of other kinds are kept. */
    Map<String, Value> fields();

    /** As listings show it. */
    Page asListed();
}
