package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.model.property.Property;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;

/**
 * What a page's own content links to, shows and leaves to fill.
 *
 * @param places places still to fill, in reading order
 * @param grounded whether a section or a column here has a background of its own
 */
public record PageFacts(Leads leads, Shows shows, List<ToFill> places, Lists lists, boolean grounded) {

    /**
     * What it leads to and names.
     *
     * @param pages ids of the site's pages that are linked to
     * @param named ids of the pages and files that fields and settings name, topics among them
     * @param elsewhere links to anything else
     */
    public record Leads(Set<String> pages, Set<String> named, List<Link> elsewhere) {}

    /**
     * What shows there.
     *
     * @param media ids of the pictures and files that are shown
     * @param spoken those of them that are pictures and say something where they stand, and lie not only behind words
     * @param menus ids of the menus that are shown here
     * @param forms ids of the forms that stand here
     * @param shared ids of the shared sections that show here, by the section that stands for each
     * @param folders whose files a list of documents here shows
     */
    public record Shows(
            Set<String> media,
            Set<String> spoken,
            Set<String> menus,
            Set<String> forms,
            Map<String, String> shared,
            Set<String> folders) {}

    /**
     * What listings there look for.
     *
     * @param listed kinds whose pages a listing here shows
     * @param gathered where listings here look for what stands beneath: ids of pages, as {@link venue.core.body.listing.GatheredAt} says it
     * @param paged whether a listing here may have further pages
     * @param telling whether a listing here shows more of pages than their titles, fields and places
     */
    public record Lists(Set<String> listed, Set<String> gathered, boolean paged, boolean telling) {}

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
        if (shows.shared().isEmpty()) {
            return places;
        }
        return Stream.concat(
                        places.stream(),
                        shows.shared().entrySet().stream()
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
                new Leads(mentions.pages(), mentions.named(), mentions.elsewhere()),
                new Shows(
                        mentions.media(),
                        mentions.spoken(),
                        mentions.menus(),
                        mentions.forms(),
                        Map.copyOf(shared),
                        folders(sections)),
                List.copyOf(places),
                new Lists(
                        mentions.kinds(),
                        gathered(sections),
                        sections.stream()
                                .flatMap(Section::elements)
                                .anyMatch(e -> "paged".equals(Values.text(e.props(), "amount"))),
                        sections.stream().flatMap(Section::elements).anyMatch(PageFacts::tells)),
                sections.stream().anyMatch(PageFacts::isGrounded));
    }

    private static boolean tells(Element element) {
        return Elements.is(element, kind -> kind.tellsOfText(element.props()));
    }

    private static Set<String> gathered(List<Section> sections) {
        return declared(sections, (kind, props) -> kind.gathers(props));
    }

    private static Set<String> folders(List<Section> sections) {
        return declared(sections, (kind, props) -> kind.folder(props).stream());
    }

    private static Set<String> declared(
            List<Section> sections, BiFunction<ElementKind, Map<String, Value>, Stream<String>> what) {
        return sections.stream()
                .flatMap(Section::elements)
                .flatMap(e -> Elements.find(e.kind()).stream().flatMap(k -> what.apply(k, e.props())))
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
