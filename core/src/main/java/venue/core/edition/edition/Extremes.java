package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Element;

/** The pages of a kind that try a template hardest: the shortest, a middling and the longest, without and with many pictures. */
public final class Extremes {

    private static final int MANY = 9;

    private Extremes() {}

    /** What a page is extreme in. */
    public enum In {
        SHORTEST,
        MIDDLING,
        LONGEST,
        PICTURES
    }

    /** One of them, and what it is extreme in, in words too. */
    public record Extreme(In in, String what, Page page) {}

    public static List<Extreme> of(Edition edition, String kind) {
        List<Measured> pages = edition.plan().ofKind(kind).stream()
                .flatMap(id -> edition.page(id).stream())
                .map(p -> new Measured(p, letters(p), pictures(edition, p)))
                .sorted(Comparator.comparingInt(Measured::letters))
                .toList();
        List<Extreme> found = new ArrayList<>();
        if (pages.isEmpty()) {
            return found;
        }
        found.add(new Extreme(In.SHORTEST, "the shortest", pages.get(0).page()));
        if (pages.size() > 2) {
            found.add(new Extreme(
                    In.MIDDLING, "middling", pages.get(pages.size() / 2).page()));
        }
        if (pages.size() > 1) {
            found.add(new Extreme(
                    In.LONGEST, "the longest", pages.get(pages.size() - 1).page()));
        }
        pages.stream()
                .filter(m -> m.pictures() == 0)
                .findFirst()
                .ifPresent(m -> found.add(new Extreme(In.PICTURES, "without a picture", m.page())));
        pages.stream()
                .max(Comparator.comparingInt(Measured::pictures))
                .filter(m -> m.pictures() > 1)
                .ifPresent(m -> found.add(new Extreme(
                        In.PICTURES,
                        m.pictures() >= MANY
                                ? "with " + m.pictures() + " pictures"
                                : "with most pictures, " + m.pictures(),
                        m.page())));
        return found;
    }

    private record Measured(Page page, int letters, int pictures) {}

    private static int letters(Page page) {
        Stream<Value> own = page.body().all().flatMap(s -> s.elements()).flatMap(e -> e.props().values().stream());
        return Stream.concat(own, page.fields().values().stream())
                .mapToInt(Extremes::letters)
                .sum();
    }

    private static int letters(Value value) {
        if (value instanceof Value.Many many) {
            return many.groups().stream()
                    .flatMap(g -> g.values().stream())
                    .mapToInt(Extremes::letters)
                    .sum();
        }
        return value instanceof Value.Text text ? Words.of(text.text()).length() : 0;
    }

    private static int pictures(Edition edition, Page page) {
        List<Property> fields =
                edition.kindOf(page).map(venue.core.model.kind.Kind::fields).orElse(List.of());
        return pictures(fields, page.fields())
                + page.body()
                        .all()
                        .flatMap(s -> s.elements())
                        .mapToInt((Element e) ->
                                pictures(Elements.require(e.kind()).properties(), e.props()))
                        .sum();
    }

    private static int pictures(List<Property> declared, Map<String, Value> values) {
        int count = 0;
        for (Property property : declared) {
            Value value = values.get(property.key());
            if (property.type() == PropertyType.PICTURE
                    && value instanceof Value.Text text
                    && !text.text().isEmpty()) {
                count++;
            } else if (value instanceof Value.Many many) {
                for (Map<String, Value> group : many.groups()) {
                    count += pictures(property.entries(), group);
                }
            }
        }
        return count;
    }
}
