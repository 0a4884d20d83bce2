package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.List;
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

    /** In the template that it wears. */
    public static Sides of(Edition edition, Page page, Template template) {
        String own = Values.text(page.settings(), KEY);
        return said(
                own.isEmpty() || own.equals("kind")
                        ? edition.kindOf(page)
                                .map(Kind::settings)
                                .map(s -> Values.text(s, KEY))
                                .orElse("")
                        : own,
                template);
    }

    /** Of pages of a kind that say nothing themselves, in a template. */
    static Sides ofKind(Kind kind, Template template) {
        return said(Values.text(kind.settings(), KEY), template);
    }

    private static Sides said(String says, Template template) {
        return switch (says) {
            case "none" -> new Sides(false, false);
            case "left" -> new Sides(true, false);
            case "right" -> new Sides(false, true);
            case "both" -> new Sides(true, true);
            default ->
                new Sides(
                        !template.zones(ZoneRole.LEFT).isEmpty(),
                        !template.zones(ZoneRole.RIGHT).isEmpty());
        };
    }

    public boolean has(ZoneRole role) {
        return switch (role) {
            case LEFT -> left;
            case RIGHT -> right;
            default -> true;
        };
    }

    /** The template's zones that a page with these columns shows. */
    public List<Zone> zones(Template template) {
        return template.zones().stream().filter(z -> has(z.role())).toList();
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
        List<ZoneRole> empty = new ArrayList<>();
        List<ZoneRole> off = new ArrayList<>();
        for (ZoneRole side : List.of(ZoneRole.LEFT, ZoneRole.RIGHT)) {
            boolean own = template.zones(side).stream()
                    .anyMatch(z ->
                            !z.fixed().isEmpty() || !page.zones().in(z.key()).isEmpty());
            if (!sides.has(side) && own) {
                off.add(side);
            } else if (sides.has(side)
                    && !own
                    && Everywhere.in(edition, page, key(side)).findAny().isEmpty()) {
                empty.add(side);
            }
        }
        return new Unseen(List.copyOf(empty), List.copyOf(off));
    }
}
