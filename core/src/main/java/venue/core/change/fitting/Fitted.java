package venue.core.change.fitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.section.Section;
import venue.core.model.template.FrameSettings;
import venue.core.model.template.Template;
import venue.core.model.template.ZoneRole;

/**
 * What a page would come to in a template; nothing is changed.
 *
 * @param shelved the sections that would wait on the shelf
 * @param returning the sections that would come back from it
 * @param gains parts that the page does not have now, in words
 * @param loses parts that it would not have any more
 */
public record Fitted(
        Template template, List<Section> shelved, List<Section> returning, List<String> gains, List<String> loses) {

    /** For each template that the page may wear, by name. */
    public static List<Fitted> all(Edition edition, Page page) {
        Kind kind = edition.require(Kind.class, page.kind());
        Template worn = edition.worn(page).template();
        return edition.all(Template.class)
                .filter(t -> kind.mayWear(t.id()) && (!t.retired() || t.equals(worn)))
                .sorted(Comparator.comparing(Template::name))
                .map(t -> of(edition, page, t))
                .toList();
    }

    public static Fitted of(Edition edition, Page page, Template to) {
        Template from = edition.worn(page).template();
        List<Section> shelf = Arranged.of(edition, page, to.id(), to).shelf();
        List<String> before = parts(from);
        List<String> after = parts(to);
        return new Fitted(
                to,
                without(shelf, page.shelf()),
                without(page.shelf(), shelf),
                minus(after, before),
                minus(before, after));
    }

    private static List<Section> without(List<Section> sections, List<Section> others) {
        return sections.stream()
                .filter(s -> others.stream().noneMatch(o -> o.id().equals(s.id())))
                .toList();
    }

    private static List<String> minus(List<String> parts, List<String> others) {
        return parts.stream().filter(p -> !others.contains(p)).toList();
    }

    /** What stands around the page's own sections: the frame, sidebars, fixed sections and options. */
    private static List<String> parts(Template template) {
        List<String> parts = new ArrayList<>();
        for (Property setting : FrameSettings.all()) {
            if (setting.in(template.frame()).orElse(null) instanceof Value.Flag flag && flag.yes()) {
                parts.add("the " + setting.label().toLowerCase(java.util.Locale.ROOT));
            }
        }
        if (!template.band().equals("none")) {
            parts.add(
                    template.band().equals("picture")
                            ? "the title band with the picture"
                            : "the title band with words");
        }
        sides().forEach((role, words) -> {
            if (!template.zones(role).isEmpty()) {
                parts.add(words);
            }
        });
        template.zones().stream()
                .flatMap(z -> z.fixed().stream())
                .forEach(s -> parts.add("the fixed section “" + s.name() + "”"));
        Stream.of(template.options()).flatMap(List::stream).forEach(o -> parts.add("the option “" + o.label() + "”"));
        return parts;
    }

    private static Map<ZoneRole, String> sides() {
        Map<ZoneRole, String> sides = new LinkedHashMap<>();
        sides.put(ZoneRole.LEFT, "the left column");
        sides.put(ZoneRole.RIGHT, "the right column");
        return sides;
    }
}
