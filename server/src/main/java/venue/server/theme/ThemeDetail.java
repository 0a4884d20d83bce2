package venue.server.theme;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.usage.Apart;
import venue.core.edition.usage.LookUse;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;
import venue.core.model.section.Section;
import venue.core.model.site.Site;
import venue.core.model.site.SiteIdentity;
import venue.core.model.theme.ContrastPair;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;
import venue.core.show.legibility.Legibility;
import venue.store.workspace.Standing;

/** A look's settings and what follows from them. */
record ThemeDetail(
        @JsonUnwrapped ThemeHead head,
        @JsonUnwrapped ThemeValues values,
        @JsonUnwrapped ThemeLegibility legibility,
        List<LookInfo> looks,
        @JsonUnwrapped ThemeReach reach,
        List<Everywhere> everywhere,
        Identity identity) {

    /** How many sections are listed in which something looks otherwise. */
    private static final int MOST_APART = 200;

    public record ThemeHead(String id, String name, Hash revision) {}

    public record ThemeValues(List<PropertyGroup> groups, Map<String, Value> settings) {}

    public record ThemeLegibility(List<ContrastPair> contrast, List<Legibility> hardToRead) {}

    /**
     * What wears it.
     *
     * @param following how many of the pages look as it says
     * @param apart sections in which something looks otherwise: the first of them, and how many there are
     */
    public record ThemeReach(
            List<Sheet> sheets,
            long pages,
            long following,
            Map<String, Long> tones,
            Map<String, LookUse.Reach> reaches,
            List<Differs> differing,
            Apart.ApartSections apart) {}

    /** A look that is kept, with the colours by which it is known. */
    record LookInfo(
            String id, String name, String note, boolean worn, List<String> colours, Map<String, Value> settings) {}

    /** A page on the contact sheet. */
    record Sheet(String page, String title, String kind, String template) {}

    /** What the site says on every page in whichever look, by the part of a page in which it stands. */
    record Identity(String item, Hash revision, List<PropertyGroup> groups, Map<String, Value> values) {}

    /**
     * A section that stands at the end of every page.
     *
     * @param stands {@code above} the footer, {@code within} it, or in the {@code left} or {@code right} column
     * @param onPages {@code home} on the home page alone, {@code others} on every page but that; else on all
     */
    record Everywhere(String id, String name, String stands, String onPages) {

        static Everywhere of(Section section) {
            return new Everywhere(
                    section.id(),
                    section.name(),
                    venue.core.edition.edition.Everywhere.stands(section),
                    venue.core.edition.edition.Everywhere.onPages(section));
        }
    }

    /** A page whose look differs from the theme, or a kind of which all pages do, in which settings. */
    record Differs(ItemSort sort, String id, String title, Map<String, Value> settings) {}

    static ThemeDetail of(Standing standing) {
        Edition edition = standing.working();
        Look theme = edition.theme();
        return new ThemeDetail(
                new ThemeHead(theme.id(), theme.name(), standing.hashOf(theme.id())),
                new ThemeValues(ThemeSettings.groups(), theme.settings()),
                new ThemeLegibility(ContrastPair.of(theme), Legibility.ofLook(edition, theme)),
                edition.all(Look.class)
                        .sorted(Comparator.comparing(Look::name))
                        .map(t -> look(edition, t))
                        .toList(),
                new ThemeReach(
                        LookUse.samples(edition).stream()
                                .map(p -> sheet(edition, p))
                                .toList(),
                        edition.all(Page.class).count(),
                        Differing.following(edition),
                        LookUse.tones(edition),
                        LookUse.reaches(edition),
                        Stream.concat(
                                        Differing.kinds(edition)
                                                .map(k ->
                                                        new Differs(ItemSort.KIND, k.id(), k.name(), Differing.of(k))),
                                        Differing.pages(edition)
                                                .map(p ->
                                                        new Differs(ItemSort.PAGE, p.id(), p.title(), Differing.of(p))))
                                .toList(),
                        Apart.first(edition, MOST_APART)),
                edition.foot().stream().map(Everywhere::of).toList(),
                identity(standing, edition.site()));
    }

    private static Identity identity(Standing standing, Site site) {
        Map<String, Value> values = new HashMap<>(site.facts());
        values.keySet().retainAll(SiteIdentity.all().stream().map(Property::key).toList());
        return new Identity(site.id(), standing.hashOf(site.id()), SiteIdentity.groups(), values);
    }

    private static LookInfo look(Edition edition, Look theme) {
        return new LookInfo(
                theme.id(),
                theme.name(),
                theme.note(),
                edition.site().look().equals(theme.id()),
                List.of(theme.text("colourDeep"), theme.text("colourAccent"), theme.text("colourPage")),
                theme.settings());
    }

    private static Sheet sheet(Edition edition, Page page) {
        return new Sheet(
                page.id(),
                page.title(),
                edition.kindOf(page).map(Kind::name).orElse(page.kind()),
                edition.worn(page).template().id());
    }
}
