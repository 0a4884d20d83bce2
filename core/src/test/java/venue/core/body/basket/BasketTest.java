package venue.core.body.basket;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.basics.value.Money;
import venue.core.body.basket.Basket.Line;
import venue.core.model.page.Page;

class BasketTest {

    private static final List<String> CURRENCIES = List.of("EUR", "GBP", "JPY", "KWD", "CHF");
    private static final String NOTES = "a~ +%;,=\"é星🌙\u202e1/";

    private static Money money(String amount, String currency) {
        return Money.of(new BigDecimal(amount), currency).orElseThrow();
    }

    private static String note(Random chance) {
        int[] letters = NOTES.codePoints().toArray();
        return IntStream.range(0, chance.nextInt(12))
                .map(i -> letters[chance.nextInt(letters.length)])
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    private static Line line(int number, Random chance) {
        String currency = CURRENCIES.get(chance.nextInt(CURRENCIES.size()));
        Money price = Money.of(BigDecimal.valueOf(chance.nextInt(1_000_000), chance.nextInt(4)), currency)
                .orElseThrow();
        return new Line("thing-" + number, 1 + chance.nextInt(999), price, "").noting(note(chance));
    }

    @Property(tries = 300)
    void itsSumIsThatOfItsLinesInEachCurrency(@ForAll Random chance) {
        Basket basket = new Basket(IntStream.range(0, chance.nextInt(20))
                .mapToObj(i -> line(i, chance))
                .toList());
        Map<String, Long> parts = basket.lines().stream()
                .collect(Collectors.groupingBy(
                        l -> l.price().currency().getCurrencyCode(),
                        Collectors.summingLong(l ->
                                l.amount() * l.price().amount().unscaledValue().longValueExact())));
        assertThat(basket.sums().stream()
                        .collect(Collectors.toMap(
                                m -> m.currency().getCurrencyCode(),
                                m -> m.amount().unscaledValue().longValueExact())))
                .isEqualTo(parts);
        basket.sums()
                .forEach(m ->
                        assertThat(m.amount().scale()).isEqualTo(m.currency().getDefaultFractionDigits()));
    }

    @Property(tries = 300)
    void aCookieHoldsItAndNothingElseBreaksIt(@ForAll Random chance, @ForAll String anything) {
        Basket basket = new Basket(IntStream.range(0, chance.nextInt(9))
                .mapToObj(i -> line(i, chance))
                .toList());
        assertThat(basket.cookie()).matches("[!#$%&'*+./0-9:<=>?@A-Z\\[\\]^_`a-z{|}~-]*");
        List<Line> kept =
                basket.lines().stream().map(l -> l.noting(l.note().strip())).toList();
        assertThat(Basket.kept(basket.cookie()).lines()).isEqualTo(kept);
        assertThat(Basket.kept(anything).lines().size()).isLessThanOrEqualTo(40);
        assertThat(Basket.kept(basket.cookie() + "~" + anything).lines()).containsAll(kept);
    }

    @Test
    void noMoreIsTakenThanThereIsOrThanABrowserKeeps() {
        Ware two = new Ware(Page.of("torch", "Red torch", "torch", "thing"), money("9.5", "GBP"), 2);
        Basket basket = Basket.EMPTY;
        for (int i = 0; i < 5; i++) {
            basket = basket.with(two);
        }
        assertThat(basket.lines()).extracting(Line::amount).containsExactly(2);
        assertThat(basket.sums()).containsExactly(money("19", "GBP"));
        for (int i = 0; i < 41; i++) {
            Page page = Page.of("p" + i, "P", "p" + i, "thing");
            basket = basket.with(new Ware(page, money("1", "EUR"), null));
        }
        assertThat(basket.fits()).isFalse();
        Line talkative = new Line("a", 1, money("1", "EUR"), "").noting("星".repeat(500));
        assertThat(talkative.note()).hasSize(Basket.LONGEST_NOTE);
        assertThat(new Basket(List.of(talkative)).fits()).isTrue();
    }

    @Test
    void moneyIsWrittenAsItsReadersDo() {
        assertThat(money("1234.5", "EUR").in(Locale.GERMAN)).isEqualTo("1.234,50\u00a0€");
        assertThat(money("9.5", "GBP").in(Locale.UK)).isEqualTo("£9.50");
        assertThat(money("900", "JPY").in(Locale.UK)).endsWith("900");
        assertThat(Money.currency("mm")).isEmpty();
        assertThat(Money.currency("XAU")).as("gold").isEmpty();
        assertThat(Money.read("1e9 EUR")).isEmpty();
        assertThat(Money.read(money("1.239", "KWD").toString())).contains(money("1.239", "KWD"));
    }
}
