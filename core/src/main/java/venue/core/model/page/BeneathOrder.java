package venue.core.model.page;

import java.util.Optional;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;

/**
 * An order in which the pages beneath a page keep themselves.
 *
 * @param by {@link #TITLE}, or the key of a field
 * @param down whether the last comes first
 */
public record BeneathOrder(String by, boolean down) {

    /** By their titles, as the site's language orders them. */
    public static final String TITLE = "title";

    static final String KEY = "beneathOrder";
    private static final String DOWN = " down";

    /** What a page says of those beneath it; empty where somebody orders them by hand. */
    public static Optional<BeneathOrder> of(Page page) {
        String text = Values.text(page.settings(), KEY);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        boolean down = text.endsWith(DOWN);
        return Optional.of(new BeneathOrder(down ? text.substring(0, text.length() - DOWN.length()) : text, down));
    }

    /** The page with an order for those beneath it, or with none. */
    public static Page on(Page page, Optional<BeneathOrder> order) {
        return page.withSetting(
                KEY, order.map(o -> Value.of(o.by + (o.down ? DOWN : ""))).orElse(null));
    }
}
