package venue.core.edition.usage;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.value.Values;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.TitleBand;
import venue.core.model.page.Page;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;
import venue.core.model.template.Template;

/** What a look is seen on: a page of every sort, and how many sections wear each tone. */
public final class LookUse {

    /** A page and how hard it tries a look: by how many sorts of element, then by how many elements. */
    private record Trying(Page page, int sorts, int elements) {

        static Trying of(Page page) {
            List<String> kinds = page.zones()
                    .all()
                    .flatMap(Section::elements)
                    .map(Element::kind)
                    .toList();
            return new Trying(page, Set.copyOf(kinds).size(), kinds.size());
        }

        Trying orHarder(Trying other) {
            boolean harder = other.sorts > sorts || other.sorts == sorts && other.elements > elements;
            return harder ? other : this;
        }
    }

    private LookUse() {}

    /**
     * The home page, finished or not, then a finished page for each pair of kind and template, in the order in which
     * the plan comes to the first of each: the page that tries the look hardest, which is the one with most sorts of element,
     * then the one with most elements.
     */
    public static List<Page> samples(Edition edition) {
        Map<String, Trying> hardest = new LinkedHashMap<>();
        edition.home().ifPresent(home -> hardest.put("", Trying.of(home)));
        edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .filter(p -> !p.withdrawn() && edition.toFill(p).isEmpty())
                .filter(p -> !edition.isHome(p))
                .forEach(p -> hardest.merge(
                        p.kind() + "/" + edition.worn(p).template().id(), Trying.of(p), Trying::orHarder));
        return hardest.values().stream().map(Trying::page).toList();
    }

    /**
     * Where a part of the theme shows.
     *
     * @param pages how many pages have it
     * @param without names of the templates that pages wear and whose frame has it not
     */
    public record Reach(long pages, List<String> without) {}

    /** The parts that are seen by elements, each with the kinds of them, by the key of its settings. */
    private static final Map<String, Set<String>> SEEN_BY = seenBy();

    private static Map<String, Set<String>> seenBy() {
        Map<String, Set<String>> seen = new HashMap<>();
        Elements.all()
                .forEach(kind -> kind.themeParts()
                        .forEach(part ->
                                seen.computeIfAbsent(part, p -> new HashSet<>()).add(kind.key())));
        return Map.copyOf(seen);
    }

    /** Parts of the frame, by the key of their settings. */
    private static final Map<String, Predicate<Template>> FRAMED = Map.of(
            "notice", t -> t.shows("notice"),
            "header", t -> t.shows("header"),
            "footer", t -> t.shows("footer"));

    /** How far the parts reach of which that can be said, by the key of their settings; each page is looked at once. */
    public static Map<String, Reach> reaches(Edition edition) {
        Map<String, Template> worn = new HashMap<>();
        Map<String, Long> wearing = new HashMap<>();
        Map<String, Set<String>> ofTemplate = new HashMap<>();
        Map<String, Long> seen = new HashMap<>();
        edition.all(Page.class).filter(p -> !p.withdrawn()).forEach(page -> {
            Template template = edition.worn(page).template();
            worn.put(template.id(), template);
            wearing.merge(template.id(), 1L, Long::sum);
            Set<String> kinds =
                    new HashSet<>(ofTemplate.computeIfAbsent(template.id(), id -> kinds(edition, template)));
            kinds.addAll(kinds(edition, page.zones().all()));
            SEEN_BY.forEach((part, by) -> seen.merge(part, by.stream().anyMatch(kinds::contains) ? 1L : 0L, Long::sum));
        });
        Map<String, Reach> reaches = new HashMap<>();
        seen.forEach((part, pages) -> reaches.put(part, new Reach(pages, List.of())));
        FRAMED.forEach((part, has) -> reaches.put(part, reach(worn, wearing, has)));
        reaches.put("band", banded(edition));
        return reaches;
    }

    /** The title band is the kind's to say too. */
    private static Reach banded(Edition edition) {
        Set<String> without = new TreeSet<>();
        long pages = edition.all(Page.class)
                .filter(p -> !p.withdrawn())
                .filter(p -> {
                    Template template = edition.worn(p).template();
                    boolean has = TitleBand.of(edition, p, template) != TitleBand.NONE;
                    if (!has) {
                        without.add(template.name());
                    }
                    return has;
                })
                .count();
        return new Reach(pages, List.copyOf(without));
    }

    /** What stands on each page of a template: what is fixed in it, and what stands on every page that has a footer. */
    private static Set<String> kinds(Edition edition, Template template) {
        Stream<Section> fixed = template.zones().stream().flatMap(z -> z.fixed().stream());
        Stream<Section> foot = template.shows("footer")
                ? edition.site().foot().stream()
                        .flatMap(id -> edition.find(SharedSection.class, id).stream())
                        .map(SharedSection::section)
                : Stream.empty();
        return kinds(edition, Stream.concat(fixed, foot));
    }

    private static Set<String> kinds(Edition edition, Stream<Section> sections) {
        return sections.map(s -> s.sharedFrom()
                        .flatMap(id -> edition.find(SharedSection.class, id))
                        .map(SharedSection::section)
                        .orElse(s))
                .flatMap(Section::elements)
                .map(Element::kind)
                .collect(Collectors.toSet());
    }

    private static Reach reach(Map<String, Template> worn, Map<String, Long> wearing, Predicate<Template> has) {
        return new Reach(
                worn.values().stream()
                        .filter(has)
                        .mapToLong(t -> wearing.get(t.id()))
                        .sum(),
                worn.values().stream()
                        .filter(has.negate())
                        .map(Template::name)
                        .sorted()
                        .toList());
    }

    /** The tones of a section, and of its columns that are apart. */
    private static Set<String> worn(Section section) {
        Set<String> worn = new HashSet<>();
        String tone = Values.text(section.settings(), "tone");
        worn.add(tone.isEmpty() ? "plain" : tone);
        section.columns().stream()
                .map(c -> Values.text(c.settings(), "ground"))
                .filter(g -> !g.isEmpty())
                .forEach(worn::add);
        return worn;
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
                .forEach(s -> worn(s).forEach(tone -> tones.merge(tone, 1L, Long::sum)));
        return tones;
    }
}
