package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.value.Values;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.part.PagePart;
import venue.core.model.section.Section;
import venue.core.model.template.Template;
import venue.core.model.template.ZoneRole;

/**
 * What pages of a kind show around their content, in the template that they usually wear, where they say nothing themselves.
 *
 * @param inLeft the names of what stands in the column at the left; without any, pages are shown without it
 * @param inRight the same at the right
 * @param parts the keys of the parts that are shown
 */
public record KindShows(
        boolean left, boolean right, List<String> inLeft, List<String> inRight, TitleBand band, List<String> parts) {

    /** What pages say instead of what their kind says. */
    private static final List<String> AS_USUAL = List.of("", "usual");

    public static KindShows of(Edition edition, Kind kind) {
        Template worn = Worn.ofNew(edition, kind);
        Sides sides = Sides.ofKind(kind, worn);
        return new KindShows(
                sides.left(),
                sides.right(),
                standing(edition, sides, worn, ZoneRole.LEFT),
                standing(edition, sides, worn, ZoneRole.RIGHT),
                TitleBand.ofKind(kind, worn),
                Arrays.stream(PagePart.values())
                        .filter(p -> isShown(p.way(Stream.of(kind.settings(), worn.frame()))))
                        .map(PagePart::key)
                        .toList());
    }

    private static boolean isShown(String way) {
        return !way.isEmpty() && !way.equals(PagePart.NONE);
    }

    private static List<String> standing(Edition edition, Sides sides, Template worn, ZoneRole side) {
        return Stream.concat(
                        sides.in(worn, side).stream()
                                .flatMap(z -> Stream.concat(z.fixed().stream(), z.starters().stream())),
                        Sides.everywhere(edition, side))
                .map(Section::name)
                .toList();
    }

    /** What a page may say otherwise than its kind. */
    public enum Aspect {
        TEMPLATE,
        SIDES,
        PARTS
    }

    /** The pages of a kind that say otherwise themselves, each once for an aspect; none where all leave it to the kind. */
    public static Map<Aspect, List<String>> own(Edition edition, Kind kind) {
        Map<Aspect, List<String>> own = new EnumMap<>(Aspect.class);
        edition.plan().ofKind(kind.id()).stream()
                .flatMap(id -> edition.page(id).stream())
                .forEach(page -> Arrays.stream(Aspect.values())
                        .filter(aspect -> says(page, aspect))
                        .forEach(aspect -> own.computeIfAbsent(aspect, a -> new ArrayList<>())
                                .add(page.id())));
        return own;
    }

    private static boolean says(Page page, Aspect aspect) {
        return switch (aspect) {
            case TEMPLATE -> page.template() != null;
            case SIDES -> says(page, Sides.KEY);
            case PARTS -> Arrays.stream(PagePart.values()).map(PagePart::key).anyMatch(key -> says(page, key));
        };
    }

    private static boolean says(Page page, String key) {
        return !AS_USUAL.contains(Values.text(page.settings(), key));
    }
}
