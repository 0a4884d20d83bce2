package venue.core.model.property;

import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;

/** An item with declared settings of its own. */
public interface Settable extends Item {

    /** The declaration of a setting, or a refusal that names what is known. */
    Property setting(String key);

    /** With a setting as given; absent for what holds unless it is said. */
    Settable with(String key, @Nullable Value value);

    /** What it is called within a sentence: “the kind Recipe”. */
    String told();
}
