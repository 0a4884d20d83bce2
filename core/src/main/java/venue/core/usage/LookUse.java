package venue.core.usage;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.edition.Edition;
import venue.core.page.Page;
import venue.core.section.Element;
import venue.core.section.Section;
import venue.core.section.SharedSection;
import venue.core.template.Template;
import venue.core.value.Values;

/** What a look is seen on: a page of every sort, and how many sections wear each tone. */
public final class LookUse {

    private LookUse() {}

    /** One finished page for each pair of kind and template, in the order of the plan. */
    public static List<Page> samples(Edition edition) {
        Set<String> seen = new HashSet<>();
        return edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .filter(p -> !p.withdrawn() && edition.toFill(p).isEmpty())
                .filter(p ->
                        seen.add(p.kind() + "/" + edition.worn(p).template().id()))
                .toList();
    }

    /**
     * Where a part of the theme shows.
     *
     * @param pages how many pages have it
     * @param without names of the templates that pages wear and whose frame has it not
     */
    public record Reach(long pages, List<String> without) {}

    /** Elements by which a part is seen, by the key of its settings. */
    private static final Map<String, Set<String>> SEEN_BY = Map.of(
            "lists", Set.of("listing", "people", "offers", "facts", "figures", "documents", "questions", "timeline"),
            "buttons", Set.of("buttons"),
            "pictures", Set.of("image", "pictures", "listing", "people"));

    /** How far the parts reach of which that can be said, by the key of their settings. */
    public static Map<String, Reach> reaches(Edition edition) {
        List<Page> pages = edition.all(Page.class).filter(p -> !p.withdrawn()).toList();
        Map<Template, Long> worn = pages.stream()
                .collect(Collectors.groupingBy(p -> edition.worn(p).template(), Collectors.counting()));
        Map<String, Reach> reaches = new HashMap<>(frames(worn));
        Map<Template, Set<String>> fixed = worn.keySet().stream()
                .collect(Collectors.toMap(t -> t, t -> kinds(t.zones().stream().flatMap(z -> z.fixed().stream()))));
        SEEN_BY.forEach((part, kinds) -> reaches.put(
                part,
                new Reach(
                        pages.stream()
                                .filter(p -> Stream.concat(
                                                kinds(p.zones().all()).stream(),
                                                fixed.get(edition.worn(p).template()).stream())
                                        .anyMatch(kinds::contains))
                                .count(),
                        List.of())));
        return reaches;
    }

    private static Set<String> kinds(Stream<Section> sections) {
        return sections.flatMap(Section::elements).map(Element::kind).collect(Collectors.toSet());
    }

    private static Map<String, Reach> frames(Map<Template, Long> worn) {
        return Map.of(
                "notice", reach(worn, t -> t.shows("notice")),
                "header", reach(worn, t -> t.shows("header")),
                "band", reach(worn, t -> !t.band().equals("none")),
                "footer", reach(worn, t -> t.shows("footer")));
    }

    private static Reach reach(Map<Template, Long> worn, Predicate<Template> has) {
        return new Reach(
                worn.entrySet().stream()
                        .filter(e -> has.test(e.getKey()))
                        .mapToLong(Map.Entry::getValue)
                        .sum(),
                worn.keySet().stream()
                        .filter(has.negate())
                        .map(Template::name)
                        .sorted()
                        .toList());
    }

    /** Sections by the tone they wear, each where it is written: on a page, fixed in a template, or shared. */
    public static Map<String, Long> tones(Edition edition) {
        Map<String, Long> tones = new HashMap<>();
        Stream.of(
                        edition.all(Page.class).flatMap(p -> p.zones().all()),
                        edition.all(Template.class)
                                .flatMap(t -> t.zones().stream())
                                .flatMap(z -> z.fixed().stream()),
                        edition.all(SharedSection.class).map(SharedSection::section))
                .flatMap(sections -> sections)
                .filter(s -> s.sharedFrom().isEmpty())
                .forEach(s -> {
                    String tone = Values.text(s.settings(), "tone");
                    tones.merge(tone.isEmpty() ? "plain" : tone, 1L, Long::sum);
                });
        return tones;
    }
}
