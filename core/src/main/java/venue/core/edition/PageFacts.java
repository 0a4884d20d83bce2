package venue.core.edition;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import venue.core.link.Link;
import venue.core.page.Page;
import venue.core.section.Element;
import venue.core.section.Section;
import venue.core.section.Sectioned;
import venue.core.value.Value;

/**
 * What a page's own content links to, shows and leaves to fill.
 *
 * @param pages ids of the site's pages that are linked to
 * @param elsewhere links to anything else
 * @param mentions ids of pictures and pages that values name
 * @param places places still to fill, in reading order
 * @param listed kinds whose pages a listing here shows
 * @param shared ids of the shared sections that show here, by the section that stands for each
 */
public record PageFacts(
        Set<String> pages,
        List<Link> elsewhere,
        Set<String> mentions,
        List<ToFill> places,
        Set<String> listed,
        Map<String, String> shared) {

    /** A place to fill. */
    public record ToFill(String section, String sectionName, String element, String property, String prompt) {

        /** The same place, seen where the section shows. */
        ToFill in(String sectionId) {
            return new ToFill(sectionId, sectionName, element, property, prompt);
        }
    }

    private static final Pattern HREF = Pattern.compile("href=\"([^\"]+)\"");

    static PageFacts of(Sectioned item) {
        return of(item.body().all().toList(), item instanceof Page page ? page.fields() : Map.of());
    }

    /** The facts of sections and fields, wherever they stand. */
    public static PageFacts of(List<Section> sections, Map<String, Value> fields) {
        List<Link> links = new ArrayList<>();
        Set<String> mentions = new TreeSet<>();
        List<ToFill> places = new ArrayList<>();
        Set<String> listed = new TreeSet<>();
        fields.values().forEach(v -> gather(v, links, mentions));
        Map<String, String> shared = new TreeMap<>();
        for (Section section : sections) {
            section.sharedFrom().ifPresent(from -> shared.put(section.id(), from));
            section.settings().values().forEach(v -> gather(v, links, mentions));
            section.elements().forEach(e -> {
                e.props().values().forEach(v -> gather(v, links, mentions));
                e.props().forEach((key, value) -> value.toFill().forEach(f -> places.add(place(section, e, key, f))));
                if (e.kind().equals("listing") && e.props().get("kind") instanceof Value.Text kind) {
                    listed.add(kind.text());
                }
            });
        }
        Set<String> pages = new TreeSet<>();
        links.forEach(l -> l.pageId().ifPresent(pages::add));
        List<Link> elsewhere =
                links.stream().filter(l -> l.pageId().isEmpty()).distinct().toList();
        return new PageFacts(
                Set.copyOf(pages),
                elsewhere,
                Set.copyOf(mentions),
                List.copyOf(places),
                Set.copyOf(listed),
                Map.copyOf(shared));
    }

    private static ToFill place(Section section, Element element, String key, Value.ToFill fill) {
        return new ToFill(section.id(), section.name(), element.id(), key, fill.prompt());
    }

    private static void gather(@Nullable Value value, List<Link> links, Set<String> mentions) {
        if (value instanceof Value.Text text) {
            gather(text.text(), links, mentions);
        } else if (value instanceof Value.Many many) {
            many.groups().forEach(g -> g.values().forEach(v -> gather(v, links, mentions)));
        }
    }

    private static void gather(String text, List<Link> links, Set<String> mentions) {
        if (text.indexOf('<') >= 0) {
            Matcher href = HREF.matcher(text);
            while (href.find()) {
                String target = href.group(1).replace("&amp;", "&");
                if (Link.isAllowed(target)) {
                    links.add(new Link(target));
                }
            }
        } else if (text.length() <= 40 && text.matches("[a-z0-9-]+")) {
            mentions.add(text);
        } else if (text.indexOf(' ') < 0 && Link.isAllowed(text)) {
            links.add(new Link(text));
        }
    }
}
