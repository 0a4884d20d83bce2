package venue.core.body.trace;

import java.math.BigDecimal;
import java.math.RoundingMode;
import venue.core.basics.item.Hash;

/**
 * How visitors rated a page, from one to five.
 *
 * @param count how many did
 * @param sum of what they gave
 */
public record Rating(int count, long sum) {

    public static final int MOST = 5;

    private static final int KEY_LETTERS = 10;

    public static final Rating NONE = new Rating(0, 0);

    /** By which a page is known in the cookie of whoever rated it. */
    public static String key(String page) {
        return Hash.over(page).first(KEY_LETTERS);
    }

    public boolean isNone() {
        return count == 0;
    }

    /** The mean to one decimal: 4.3. */
    public BigDecimal mean() {
        return isNone()
                ? BigDecimal.ZERO
                : BigDecimal.valueOf(sum).divide(BigDecimal.valueOf(count), 1, RoundingMode.HALF_UP);
    }
}
