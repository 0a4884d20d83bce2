package venue.core.body.basket;

import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Money;
import venue.core.model.page.Page;

/**
 * A page or an entry that can be taken along.
 *
 * @param left how many there are; absent where nothing says so
 */
public record Ware(Page page, Money price, @Nullable Integer left) {

    public String id() {
        return page.id();
    }

    public boolean isSoldOut() {
        return left != null && left == 0;
    }

    /** The most that somebody can order of it at once. */
    public int most() {
        return left == null ? Basket.MOST_OF_ONE : Math.min(left, Basket.MOST_OF_ONE);
    }
}
