package venue.core.edition.edition;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import venue.core.basics.value.Values;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

/**
 * Which columns beside its content a page has: those that it says itself, else its kind, else those for which its template has
 * zones. In them stand the sections of these zones, and the sections on every page that stand there.
 */
public record Sides(boolean left, boolean right) {

    /** The setting of kinds and of pages that says it. */
    public static final String KEY = "sides";

    private static final List<ZoneRole> COLUMNS = List.of(ZoneRole.LEFT, ZoneRole.RIGHT);

    /** In the template that it wears. */
    public static Sides of(Edition edition, Page page, Template template) {
        return said(Values.text(page.settings(), KEY)).orElseGet(() -> usual(edition, page, template));
    }

    /** Those that a page has where it says nothing itself. */
    public static Sides usual(Edition edition, Page page, Template template) {
        return edition.kindOf(page).map(k -> ofKind(k, template)).orElseGet(() -> ofTemplate(template));
    }

    /** Of pages of a kind that say nothing themselves, in a template. */
    static Sides ofKind(Kind kind, Template template) {
        return said(Values.text(kind.settings(), KEY)).orElseGet(() -> ofTemplate(template));
    }

    private static Sides ofTemplate(Template template) {
        return new Sides(
                !template.zones(ZoneRole.LEFT).isEmpty(),
                !template.zones(ZoneRole.RIGHT).isEmpty());
    }

    private static Optional<Sides> said(String way) {
        return switch (way) {
            case "none" -> Optional.of(new Sides(false, false));
            case "left" -> Optional.of(new Sides(true, false));
            case "right" -> Optional.of(new Sides(false, true));
            case "both" -> Optional.of(new Sides(true, true));
            default -> Optional.empty();
        };
    }

    /** The way of the setting that says the same. */
    public String way() {
        if (left) {
            return right ? "both" : "left";
        }
        return right ? "right" : "none";
    }

    public boolean has(ZoneRole role) {
        return switch (role) {
            case LEFT -> left;
            case RIGHT -> right;
            default -> true;
        };
    }

    /** The template's zones that a page with these columns shows, in the order in which they are read. */
    public List<Zone> zones(Template template) {
        return Arrays.stream(ZoneRole.values())
                .flatMap(r -> in(template, r).stream())
                .toList();
    }

    /**
     * The template's zones that stand in a place. Where one column is wanted and the template has zones for the other alone, these
     * stand in it.
     */
    public List<Zone> in(Template template, ZoneRole place) {
        return place.nearest().stream()
                .filter(r -> r == place || !has(r))
                .map(template::zones)
                .filter(z -> has(place) && !z.isEmpty())
                .findFirst()
                .orElse(List.of());
    }

    /** The place in which one of the template's zones stands, or would if the page showed it. */
    public ZoneRole place(Template template, Zone zone) {
        return COLUMNS.stream()
                .filter(side -> in(template, side).contains(zone))
                .findFirst()
                .orElse(zone.role());
    }

    /** The sections on every page that stand in a column. */
    public static Stream<Section> everywhere(Edition edition, ZoneRole side) {
        return edition.foot().stream()
                .filter(s -> Values.text(s.settings(), "foot").equals(key(side)));
    }

    private static String key(ZoneRole side) {
        return side == ZoneRole.LEFT ? "left" : "right";
    }

    /**
     * What of a page's columns visitors don't see.
     *
     * @param empty those that it should have and in which nothing stands: it is shown without them
     * @param off those in which something stands and that it should not have
     */
    public record Unseen(List<ZoneRole> empty, List<ZoneRole> off) {}

    public static Unseen unseen(Edition edition, Page page) {
        Template template = edition.worn(page).template();
        Sides sides = of(edition, page, template);
        Predicate<Zone> holds =
                z -> !z.fixed().isEmpty() || !page.zones().in(z.key()).isEmpty();
        List<Zone> shown = sides.zones(template);
        return new Unseen(
                COLUMNS.stream()
                        .filter(side -> sides.has(side)
                                && sides.in(template, side).stream().noneMatch(holds)
                                && Everywhere.in(edition, page, key(side))
                                        .findAny()
                                        .isEmpty())
                        .toList(),
                COLUMNS.stream()
                        .filter(side ->
                                template.zones(side).stream().anyMatch(z -> holds.test(z) && !shown.contains(z)))
                        .toList());
    }
}
