package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.element.Elements;
import venue.core.model.property.Property;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;

/**
 * What a page's own content links to, shows and leaves to fill.
 *
 * @param pages ids of the site's pages that are linked to
 * @param elsewhere links to anything else
 * @param named ids of the pages and files that fields and settings name, topics among them
 * @param media ids of the pictures and files that are shown
 * @param places places still to fill, in reading order
 * @param listed kinds whose pages a listing here shows
 * @param menus ids of the menus that are shown here
 * @param gathered where listings here look for what stands beneath: ids of pages, {@link #HERE} and {@link #BESIDE}
 * @param folders whose files a list of documents here shows
 * @param paged whether a listing here may have further pages
 * @param grounded whether a section or a column here has a background of its own
 * @param shared ids of the shared sections that show here, by the section that stands for each
 */
public record PageFacts(
        Set<String> pages,
        Set<String> named,
        List<Link> elsewhere,
        Set<String> media,
        List<ToFill> places,
        Set<String> listed,
        Set<String> menus,
        Map<String, String> shared,
        Set<String> gathered,
        Set<String> folders,
        boolean paged,
        boolean grounded) {

    /**
     * A place to fill.
     *
     * @param element which holds it; empty where the section itself does
     */
    public record ToFill(String section, String sectionName, String element, String property, String prompt) {

        /** The same place, seen where the section shows. */
        ToFill in(String sectionId) {
            return new ToFill(sectionId, sectionName, element, property, prompt);
        }
    }

    /** The places here and in the shared sections that show here, as the facts of each tell. */
    List<ToFill> placesWith(Function<String, Optional<PageFacts>> ofShared) {
        if (shared.isEmpty()) {
            return places;
        }
        return Stream.concat(
                        places.stream(),
                        shared.entrySet().stream()
                                .flatMap(e -> ofShared.apply(e.getValue()).stream()
                                        .flatMap(f -> f.places().stream())
                                        .map(p -> p.in(e.getKey()))))
                .toList();
    }

    /** The facts of sections, wherever they stand. */
    public static PageFacts of(List<Section> sections) {
        return of(sections, List.of(), Map.of());
    }

    /** The facts of sections and of values beside them; what a value names is as its declaration says. */
    public static PageFacts of(List<Section> sections, List<Property> declared, Map<String, Value> values) {
        Mentions mentions = new Mentions();
        mentions.add(declared, values);
        List<ToFill> places = new ArrayList<>();
        Map<String, String> shared = new TreeMap<>();
        for (Section section : sections) {
            section.sharedFrom().ifPresent(from -> shared.put(section.id(), from));
            mentions.add(SectionSettings.all(), section.settings());
            section.settings()
                    .forEach((key, value) -> value.toFill().forEach(f -> places.add(place(section, "", key, f))));
            section.elements().forEach(e -> {
                Elements.find(e.kind()).ifPresent(kind -> mentions.add(kind.properties(), e.props()));
                e.props()
                        .forEach((key, value) ->
                                value.toFill().forEach(f -> places.add(place(section, e.id(), key, f))));
                unchosen(section, e).ifPresent(places::add);
            });
        }
        return new PageFacts(
                mentions.pages(),
                mentions.named(),
                mentions.elsewhere(),
                mentions.media(),
                List.copyOf(places),
                mentions.kinds(),
                mentions.menus(),
                Map.copyOf(shared),
                gathered(sections),
                folders(sections),
                sections.stream()
                        .flatMap(Section::elements)
                        .anyMatch(e -> "paged".equals(Values.text(e.props(), "amount"))),
                sections.stream().anyMatch(PageFacts::isGrounded));
    }

    /** How many levels the contents of a site show unless it is said. */
    private static final int INDEXED = 2;

    /** How many they show at most. */
    static final int DEEPEST = 6;

    /** What stands beneath the page itself. */
    static final String HERE = ".";

    /** What stands beside it. */
    static final String BESIDE = "..";

    private static Set<String> gathered(List<Section> sections) {
        return sections.stream()
                .flatMap(Section::elements)
                .flatMap(e -> switch (e.kind()) {
                    case "listing" -> Stream.of(listed(e.props()));
                    case "site-index" -> indexed(e.props());
                    default -> Stream.empty();
                })
                .filter(Predicate.not(String::isEmpty))
                .collect(Collectors.toUnmodifiableSet());
    }

    private static String listed(Map<String, Value> props) {
        return switch (Values.text(props, "source")) {
            case "beneath" -> Values.text(props, "branch");
            case "children" -> HERE;
            case "siblings" -> BESIDE;
            default -> "";
        };
    }

    /** What the contents of the site show by themselves, so many levels of it; of some kinds alone, it is told by those. */
    private static Stream<String> indexed(Map<String, Value> props) {
        if (props.get("kinds") instanceof Value.Many kinds && !kinds.groups().isEmpty()) {
            return Stream.empty();
        }
        int depth = props.get("depth") instanceof Value.Num num ? num.number().intValue() : INDEXED;
        List<String> branches = props.get("branches") instanceof Value.Many many
                ? many.groups().stream().map(g -> Values.text(g, "page")).toList()
                : List.of();
        return branches.isEmpty()
                ? Stream.of(within("", depth))
                : branches.stream().map(b -> within(b, depth - 1));
    }

    /** What stands beneath a page, down to so many levels; an empty id for the top of the plan. */
    static String within(String page, int levels) {
        return page + "/" + levels;
    }

    /** The page beneath which it is that something is gathered; empty for the top of the plan. */
    static String gatheredBeneath(String gathered) {
        return gathered.replaceAll("/.*", "");
    }

    private static Set<String> folders(List<Section> sections) {
        return sections.stream()
                .flatMap(Section::elements)
                .filter(e -> e.kind().equals("documents"))
                .map(e -> Values.text(e.props(), "folder"))
                .filter(Predicate.not(String::isEmpty))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Whether words may stand on something else there than on the tone that they wear. */
    private static boolean isGrounded(Section section) {
        return section.settings().containsKey("back")
                || section.columns().stream().anyMatch(c -> c.settings().containsKey("groundColour"));
    }

    /** What has to be chosen before the element shows anything. */
    private static Optional<ToFill> unchosen(Section section, Element element) {
        return Elements.find(element.kind())
                .flatMap(kind -> kind.unchosen(element.props())
                        .map(key -> new ToFill(
                                section.id(),
                                section.name(),
                                element.id(),
                                key,
                                kind.name() + ": nothing is chosen yet")));
    }

    private static ToFill place(Section section, String element, String key, Value.ToFill fill) {
        return new ToFill(section.id(), section.name(), element, key, fill.prompt());
    }
}
