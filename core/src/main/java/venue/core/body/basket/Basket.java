package venue.core.body.basket;

import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.text.Letters;
import venue.core.basics.value.Money;

/** What a visitor has taken along. It is kept by their browser alone, so nothing in it is believed before it is looked up. */
public record Basket(List<Line> lines) {

    public static final Basket EMPTY = new Basket(List.of());

    /** The most pieces of one thing that are ordered at once. */
    public static final int MOST_OF_ONE = 99;

    /** The longest note to a line, in characters. */
    public static final int LONGEST_NOTE = 200;

    /** A browser keeps 4,096 bytes of a cookie with its name and attributes (RFC 6265, 6.1). */
    private static final int MOST_LETTERS = 3_600;

    private static final int MOST_LINES = 40;
    private static final String BETWEEN = "~";

    /**
     * So many pieces of one thing.
     *
     * @param price for each, as it was when it was last told
     */
    public record Line(String id, int amount, Money price, String note) {

        private static final int PARTS = 5;

        /** As {@link #text} writes it; empty for anything else. */
        public static Optional<Line> read(String text) {
            String[] parts = (text.strip() + " ").split(" ", PARTS);
            return parts.length == PARTS
                            && parts[0].matches("[A-Za-z0-9-]{1,64}")
                            && parts[1].matches("[1-9][0-9]{0,3}")
                    ? Money.read(parts[2] + " " + parts[3])
                            .map(price -> new Line(parts[0], Integer.parseInt(parts[1]), price, note(parts[4])))
                    : Optional.empty();
        }

        private static String note(String written) {
            String line = Letters.line(written);
            return line.substring(
                    0, line.offsetByCodePoints(0, Math.min(LONGEST_NOTE, line.codePointCount(0, line.length()))));
        }

        public Line of(int many) {
            return new Line(id, many, price, note);
        }

        public Line noting(String words) {
            return new Line(id, amount, price, note(words));
        }

        public Line at(Money now) {
            return new Line(id, amount, now, note);
        }

        public Money sum() {
            return price.times(amount);
        }

        public String text() {
            return (id + " " + amount + " " + price + " " + note).strip();
        }
    }

    public Basket {
        Map<String, Line> byId = new LinkedHashMap<>();
        lines.forEach(l -> byId.putIfAbsent(l.id(), l));
        lines = List.copyOf(byId.values());
    }

    /** What a cookie holds; what is not readable in it is left out. */
    public static Basket kept(String cookie) {
        return new Basket(Stream.of(cookie.split(BETWEEN))
                .limit(MOST_LINES)
                .map(Basket::decoded)
                .flatMap(l -> Line.read(l).stream())
                .toList());
    }

    private static String decoded(String part) {
        try {
            return URLDecoder.decode(part, StandardCharsets.UTF_8);
        } catch (IllegalArgumentException unreadable) {
            return "";
        }
    }

    /** The value of a cookie that holds it. */
    public String cookie() {
        return lines.stream()
                .map(l -> URLEncoder.encode(l.text(), StandardCharsets.UTF_8))
                .collect(Collectors.joining(BETWEEN));
    }

    /** Whether a browser would keep all of it. */
    public boolean fits() {
        return lines.size() <= MOST_LINES && cookie().length() <= MOST_LETTERS;
    }

    /** With one more of something, as far as there are some. */
    public Basket with(Ware ware) {
        List<Line> more = new ArrayList<>(lines);
        more.replaceAll(l -> l.id().equals(ware.id()) ? l.of(Math.min(l.amount() + 1, ware.most())) : l);
        if (lines.stream().noneMatch(l -> l.id().equals(ware.id()))) {
            more.add(new Line(ware.id(), 1, ware.price(), ""));
        }
        return new Basket(more);
    }

    /** What it comes to, in each currency. */
    public List<Money> sums() {
        return Money.sums(lines.stream().map(Line::sum));
    }
}
