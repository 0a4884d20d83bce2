package venue.core.show.gathering;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.body.listing.Held;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Ranks;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** Which pages name which by their fields: topics above all. */
public final class Topics {

    private Topics() {}

    /** The topics of a site, by title. */
    public static List<Page> all(Edition edition) {
        return edition.all(Kind.class)
                .filter(Kind::isOfTopics)
                .flatMap(k -> edition.ranks().of(k.id(), Ranks.TITLE, false).stream())
                .toList();
    }

    /** The topics that a page names, in its own order. */
    public static List<Page> of(Edition edition, Page page) {
        return fields(edition, page)
                .filter(f -> Held.typeOf(f) == PropertyType.TOPIC)
                .flatMap(f -> edition.field(page, f.key()).stream())
                .flatMap(v -> Held.words(v).stream())
                .distinct()
                .flatMap(id -> edition.page(id).stream())
                .toList();
    }

    /**
     * The pages and entries that name a page by a field.
     *
     * @param field its key; empty for any
     */
    static Stream<Page> naming(Edition edition, String page, String field) {
        Stream<Page> naming = edition.inbound().naming(page).stream()
                .flatMap(id ->
                        edition.page(id).or(() -> edition.find(Entry.class, id).map(Entry::asListed)).stream());
        return naming.filter(p -> fields(edition, p)
                .filter(f -> field.isEmpty() || f.key().equals(field))
                .filter(f -> names(Held.typeOf(f)))
                .anyMatch(f -> edition.field(p, f.key())
                        .filter(v -> Held.words(v).contains(page))
                        .isPresent()));
    }

    /** The pages that share a topic with a page, those that share most first. */
    static Stream<Page> sharing(Edition edition, Page page) {
        Map<String, Integer> shared = new HashMap<>();
        Set<String> topics = new HashSet<>();
        of(edition, page).forEach(t -> topics.add(t.id()));
        topics.forEach(t -> naming(edition, t, "").forEach(p -> shared.merge(p.id(), 1, Integer::sum)));
        return shared.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .flatMap(e -> edition.page(e.getKey()).stream());
    }

    /** By how many pages and entries a page is named. */
    public static int count(Edition edition, String page) {
        return (int) naming(edition, page, "").count();
    }

    /** How many pages and entries that somebody may open name a page. */
    public static int count(Onlooker looks, String page) {
        Edition edition = looks.edition();
        return (int) naming(edition, page, "")
                .filter(p -> edition.page(p.id()).isEmpty() || looks.opens().test(p))
                .count();
    }

    private static boolean names(PropertyType type) {
        return type == PropertyType.PAGE || type == PropertyType.TOPIC;
    }

    private static Stream<Property> fields(Edition edition, Page page) {
        return edition.kindOf(page).map(Kind::fields).orElse(List.of()).stream();
    }
}
