package venue.core.edition.usage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.OptionAnswer;
import venue.core.model.property.Property;
import venue.core.model.property.UsualFields;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/**
 * A field of a kind, or an option of a template, and where it matters.
 *
 * @param own how many pages hold a value of their own
 * @param inheriting how many follow the default
 * @param places where it shows, in words
 */
public record FieldUse(Property field, long own, long inheriting, List<String> places) {

    private static final int NAMED = 5;

    /** Every field of a kind's form, in its order. */
    public static List<FieldUse> of(Edition edition, Kind kind) {
        List<Page> pages = pages(edition, kind);
        Map<String, Set<String>> binding = binding(edition, pages);
        return kind.fields().stream()
                .map(f -> {
                    long own = holding(pages, f);
                    return new FieldUse(f, own, pages.size() - own, places(kind, f, binding));
                })
                .toList();
    }

    /** Every option of a template that the pages wear: what they chose, and the sections that show it or show by it. */
    public static List<FieldUse> of(Template template, List<Page> wearing) {
        return template.options().stream()
                .map(o -> {
                    String key = Template.OPTION + o.key();
                    long own = wearing.stream()
                            .filter(p -> p.settings().containsKey(key))
                            .count();
                    return new FieldUse(o, own, wearing.size() - own, places(template, wearing, o.key()));
                })
                .toList();
    }

    /** The pages of a kind, or its entries where it has no pages. */
    public static List<Page> pages(Edition edition, Kind kind) {
        return kind.isPageless()
                ? edition.entries(kind.id()).stream().map(Entry::asListed).toList()
                : edition.plan().ofKind(kind.id()).stream()
                        .map(p -> edition.require(Page.class, p))
                        .toList();
    }

    /** How many of the pages hold something of their own in a field. */
    public static long holding(List<Page> pages, Property field) {
        return pages.stream().filter(p -> p.fields().containsKey(field.key())).count();
    }

    /** Where visitors see a field: listings, search engines, and the sections that show it. */
    private static List<String> places(Kind kind, Property field, Map<String, Set<String>> binding) {
        List<String> places = new ArrayList<>();
        if (field.shown() || UsualFields.IN_LISTINGS.contains(field.key())) {
            places.add("listings of " + (kind.isPageless() ? kind.name() + " entries" : kind.pages()));
        }
        if (field.key().equals(UsualFields.SUMMARY)) {
            places.add("search engines");
        }
        if (field.key().equals(UsualFields.PICTURE)) {
            places.add("title bands with the page’s picture");
        }
        Set<String> bound = binding.getOrDefault("page." + field.key(), Set.of());
        if (!bound.isEmpty()) {
            String more = bound.size() > NAMED ? " and " + Words.count(bound.size() - NAMED, "more place") : "";
            places.add(bound.stream().limit(NAMED).collect(Collectors.joining(", ")) + more);
        }
        return places;
    }

    /** Names of the items in which something shows a source, by the source; in one walk for all of them. */
    private static Map<String, Set<String>> binding(Edition edition, List<Page> pages) {
        Map<String, Set<String>> binding = new HashMap<>();
        Stream.concat(
                        edition.all(Sectioned.class)
                                .filter(i -> edition.page(i.id()).isEmpty()),
                        pages.stream())
                .forEach(i -> i.body()
                        .all()
                        .flatMap(FieldUse::sources)
                        .forEach(source -> binding.computeIfAbsent(source, k -> new TreeSet<>())
                                .add(i.name())));
        return binding;
    }

    private static List<String> places(Template template, List<Page> wearing, String option) {
        return Stream.concat(
                        template.zones().stream()
                                .flatMap(z -> z.sections().stream().map(Zone.Placed::section)),
                        wearing.stream().flatMap(p -> p.zones().all()))
                .filter(s -> binds(s, Template.OPTION + option) || showsBy(s, option))
                .map(s -> "the section " + s.name())
                .distinct()
                .limit(NAMED)
                .toList();
    }

    private static boolean showsBy(Section section, String option) {
        return OptionAnswer.of(Values.text(section.settings(), "option")).stream()
                .anyMatch(a -> a.option().equals(option));
    }

    private static boolean binds(Section section, String source) {
        return sources(section).anyMatch(source::equals);
    }

    private static Stream<String> sources(Section section) {
        return section.elements()
                .flatMap(e -> e.props().values().stream())
                .flatMap(v -> v instanceof Value.Bound bound ? Stream.of(bound.source()) : Stream.empty());
    }
}
