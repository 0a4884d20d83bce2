package venue.core.show.gathering;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Words;
import venue.core.body.listing.Held;
import venue.core.body.listing.Listed;
import venue.core.body.listing.Listed.Answer;
import venue.core.body.listing.Listed.Offer;
import venue.core.body.listing.ListingQuery.Offered;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.property.UsualFields;

/** What visitors may choose by in a listing, what they chose, and how many each choice leaves. */
final class Choices {

    private static final int YEAR = 4;
    private static final int LONGEST = 100;

    private final Onlooker looks;
    private final Edition edition;
    private final Offered offered;
    private final Map<String, String> chosen;

    /** @param asked what was asked for, by key; what is not offered is passed over */
    Choices(Onlooker looks, Offered offered, Map<String, String> asked) {
        this.looks = looks;
        this.edition = looks.edition();
        this.offered = offered;
        Map<String, String> mine = new TreeMap<>();
        asked.forEach((key, value) -> {
            if (isOffered(key)) {
                mine.put(key, Words.shorten(value.strip(), LONGEST));
            }
        });
        chosen = mine;
    }

    private boolean isOffered(String key) {
        return switch (key) {
            case Listed.WORDS -> offered.words();
            case Listed.YEAR -> offered.year();
            case Listed.SORT -> offered.sorts();
            default -> offered.fields().contains(key);
        };
    }

    /** Whether everything is shown. */
    boolean isNothing() {
        return chosen.keySet().stream().allMatch(Listed.SORT::equals);
    }

    Map<String, String> chosen() {
        return chosen;
    }

    /** The pages that all choices together leave. */
    List<Page> among(List<Page> pages) {
        return pages.stream().filter(meets("")).toList();
    }

    /** Whether a page meets all that is chosen, but for one key. */
    private Predicate<Page> meets(String but) {
        return p -> chosen.entrySet().stream()
                .filter(e -> !e.getKey().equals(but) && !e.getKey().equals(Listed.SORT))
                .allMatch(e -> answersOf(p, e.getKey(), e.getValue()));
    }

    private boolean answersOf(Page page, String key, String value) {
        return key.equals(Listed.WORDS) ? says(page, value) : answers(page, key).contains(value);
    }

    /** Whether each word begins a word of what the page says of itself. */
    private boolean says(Page page, String words) {
        String said = " " + Letters.folded(page.title() + " " + edition.words(page, UsualFields.SUMMARY));
        return List.of(Letters.folded(words).split("\\s+")).stream().allMatch(w -> said.contains(" " + w));
    }

    private List<String> answers(Page page, String key) {
        if (key.equals(Listed.YEAR)) {
            String date = edition.words(page, UsualFields.DATE);
            return date.length() < YEAR ? List.of() : List.of(date.substring(0, YEAR));
        }
        Optional<Property> field = edition.kindOf(page).flatMap(k -> k.field(key));
        boolean named = field.map(Held::typeOf)
                .filter(t -> t == PropertyType.PAGE || t == PropertyType.TOPIC)
                .isPresent();
        return field.flatMap(f -> f.in(page.fields())).map(Held::words).orElse(List.of()).stream()
                .distinct()
                .filter(v -> !named || mayBeTold(v))
                .toList();
    }

    /** A page is told of to those alone who may open it. */
    private boolean mayBeTold(String id) {
        return edition.page(id).filter(looks.opens()).isPresent();
    }

    /** What can be chosen, with what it would leave; what would leave nothing is not offered, unless it is chosen. */
    List<Offer> offers(List<Page> pages) {
        List<Offer> offers = new ArrayList<>();
        offered.fields().forEach(key -> offer(key, pages).ifPresent(offers::add));
        if (offered.year()) {
            offer(Listed.YEAR, pages).ifPresent(offers::add);
        }
        return offers;
    }

    private Optional<Offer> offer(String key, List<Page> pages) {
        Map<String, Integer> counts = new TreeMap<>();
        List<Page> others =
                isNothing() ? pages : pages.stream().filter(meets(key)).toList();
        others.forEach(p -> answers(p, key).forEach(a -> counts.merge(a, 1, Integer::sum)));
        String mine = chosen.get(key);
        // What is chosen stays in sight, if it is an answer at all.
        if (mine != null && pages.stream().anyMatch(p -> answers(p, key).contains(mine))) {
            counts.putIfAbsent(mine, 0);
        }
        Optional<Property> field = others.stream()
                .flatMap(p -> edition.kindOf(p).flatMap(k -> k.field(key)).stream())
                .findFirst();
        List<Answer> answers = counts.entrySet().stream()
                .map(e -> new Answer(
                        e.getKey(),
                        label(field, e.getKey()),
                        e.getValue(),
                        e.getKey().equals(mine)))
                .sorted(order(key, field))
                .collect(Collectors.toList());
        return answers.isEmpty()
                ? Optional.empty()
                : Optional.of(new Offer(key, field.map(Property::label).orElse(""), answers));
    }

    /** Choices in the order in which they are declared, years the newest first, the rest by their words. */
    private static Comparator<Answer> order(String key, Optional<Property> field) {
        if (key.equals(Listed.YEAR)) {
            return Comparator.comparing(Answer::value).reversed();
        }
        Property each = field.map(Held::each).orElse(null);
        if (each != null && each.type() == PropertyType.CHOICE) {
            List<String> declared = each.choices().stream().map(c -> c.value()).toList();
            return Comparator.comparing(a -> declared.indexOf(a.value()));
        }
        return Comparator.comparing(a -> a.label().toLowerCase(Locale.ROOT));
    }

    private String label(Optional<Property> field, String value) {
        Property each = field.map(Held::each).orElse(null);
        if (each == null) {
            return value;
        }
        return switch (each.type()) {
            case CHOICE ->
                each.choices().stream()
                        .filter(c -> c.value().equals(value))
                        .map(c -> c.label())
                        .findFirst()
                        .orElse(value);
            case PAGE, TOPIC -> edition.page(value).map(Page::title).orElse(value);
            case YES_NO -> value.equals("yes") ? each.label() : value;
            default -> value;
        };
    }
}
