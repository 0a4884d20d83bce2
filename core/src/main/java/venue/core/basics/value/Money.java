package venue.core.basics.value;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.NumberFormat;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** An amount of money in a currency (ISO 4217), to the smallest part that the currency has. */
public record Money(BigDecimal amount, Currency currency) {

    public Money {
        amount = amount.setScale(currency.getDefaultFractionDigits(), RoundingMode.HALF_UP);
    }

    /** The amount in the currency of a code; empty where the code names none that is paid with. */
    public static Optional<Money> of(BigDecimal amount, String code) {
        return currency(code).map(c -> new Money(amount, c));
    }

    /** As {@link #toString} writes it; empty for anything else. */
    public static Optional<Money> read(String written) {
        String[] parts = written.split(" ", 2);
        return parts.length == 2 && parts[0].matches("-?[0-9]{1,18}(\\.[0-9]{1,4})?")
                ? of(new BigDecimal(parts[0]), parts[1])
                : Optional.empty();
    }

    /** The currency of a code; gold, what is for tests and the like are none. */
    public static Optional<Currency> currency(String code) {
        try {
            return Optional.of(Currency.getInstance(code)).filter(c -> c.getDefaultFractionDigits() >= 0);
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    public Money times(int many) {
        return new Money(amount.multiply(BigDecimal.valueOf(many)), currency);
    }

    private Money plus(Money other) {
        return new Money(amount.add(other.amount), currency);
    }

    /** What amounts come to: one sum for each currency, in the order in which they come. */
    public static List<Money> sums(Stream<Money> amounts) {
        Map<Currency, Money> sums = new LinkedHashMap<>();
        amounts.forEach(m -> sums.merge(m.currency(), m, Money::plus));
        return List.copyOf(sums.values());
    }

    /** As people of a language write it: “€9.50”, “9,50 €”. */
    public String in(Locale language) {
        NumberFormat format = NumberFormat.getCurrencyInstance(language);
        format.setCurrency(currency);
        format.setMinimumFractionDigits(currency.getDefaultFractionDigits());
        format.setMaximumFractionDigits(currency.getDefaultFractionDigits());
        return format.format(amount);
    }

    /** As machines read it: “9.50 EUR”. */
    @Override
    public String toString() {
        return amount.toPlainString() + " " + currency.getCurrencyCode();
    }
}
