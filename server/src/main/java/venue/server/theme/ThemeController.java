package venue.server.theme;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.Edition;
import venue.core.kind.Kind;
import venue.core.page.Page;
import venue.core.property.Property;
import venue.core.property.PropertyGroup;
import venue.core.site.Site;
import venue.core.site.SiteIdentity;
import venue.core.theme.ContrastPair;
import venue.core.theme.Look;
import venue.core.theme.ThemeSettings;
import venue.core.usage.LookUse;
import venue.core.value.Value;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** The theme's screen: settings in order, contrast, looks, and a page of every kind for the contact sheet. */
@RestController
@RequestMapping("/api/sites/{site}/theme")
class ThemeController {

    /** A look that is kept, with the colours by which it is known. */
    record LookInfo(String id, String name, boolean worn, List<String> colours, Map<String, Value> settings) {}

    /** A page on the contact sheet. */
    record Sheet(String page, String title, String kind, String template) {}

    /** A look's settings and what follows from them. */
    record ThemeDetail(
            String id,
            String name,
            String revision,
            List<PropertyGroup> groups,
            Map<String, Value> settings,
            List<ContrastPair> contrast,
            List<LookInfo> looks,
            List<Sheet> sheets,
            long pages,
            Map<String, Long> tones,
            Map<String, LookUse.Reach> reaches,
            Identity identity) {}

    /** What the site says on every page in whichever look, by the part of a page in which it stands. */
    record Identity(String item, String revision, List<PropertyGroup> groups, Map<String, Value> values) {}

    @GetMapping
    ThemeDetail theme(Here here) {
        Standing standing = here.now();
        Edition edition = standing.working();
        Look theme = edition.theme();
        return new ThemeDetail(
                theme.id(),
                theme.name(),
                standing.hashOf(theme.id()),
                ThemeSettings.groups(),
                theme.settings(),
                ContrastPair.of(theme),
                edition.all(Look.class)
                        .sorted(Comparator.comparing(Look::name))
                        .map(t -> look(edition, t))
                        .toList(),
                LookUse.samples(edition).stream().map(p -> sheet(edition, p)).toList(),
                edition.all(Page.class).count(),
                LookUse.tones(edition),
                LookUse.reaches(edition),
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
