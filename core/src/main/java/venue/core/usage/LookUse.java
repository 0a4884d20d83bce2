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
     * Where a part of the frame shows.
     *
     * @param pages how many pages have it
     * @param without names of the templates that pages wear and that have it not
     */
    public record Reach(long pages, List<String> without) {}

    /** How far the parts of the frame reach, by the key of their settings. */
    public static Map<String, Reach> reaches(Edition edition) {
        Map<Template, Long> worn = edition.all(Page.class)
                .filter(p -> !p.withdrawn())
                .collect(Collectors.groupingBy(p -> edition.worn(p).template(), Collectors.counting()));
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
