package venue.server.theme;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.Edition;
import venue.core.kind.Kind;
import venue.core.page.Page;
import venue.core.property.PropertyGroup;
import venue.core.theme.ContrastPair;
import venue.core.theme.Theme;
import venue.core.theme.ThemeSettings;
import venue.core.value.Value;
import venue.core.value.Values;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspaces;

/** The theme's screen: settings in order, contrast, looks, and a page of every kind for the contact sheet. */
@RestController
@RequestMapping("/api/sites/{site}/theme")
class ThemeController {

    private final Workspaces workspaces;

    ThemeController(Workspaces workspaces) {
        this.workspaces = workspaces;
    }

    /** A look that is kept, with the colours by which it is known. */
    record Look(String id, String name, boolean worn, List<String> colours) {}

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
            List<Look> looks,
            List<Sheet> sheets,
            long pages,
            Map<String, Long> tones) {}

    @GetMapping
    ThemeDetail theme(@PathVariable String site) {
        Standing standing = workspaces.require(site).now();
        Edition edition = standing.working();
        Theme theme = edition.theme();
        return new ThemeDetail(
                theme.id(),
                theme.name(),
                standing.hashOf(theme.id()),
                ThemeSettings.groups(),
                theme.settings(),
                ContrastPair.of(theme),
                edition.all(Theme.class)
                        .sorted(Comparator.comparing(Theme::name))
                        .map(t -> look(edition, t))
                        .toList(),
                sheets(edition),
                edition.all(Page.class).count(),
                tones(edition));
    }

    private static Look look(Edition edition, Theme theme) {
        return new Look(
                theme.id(),
                theme.name(),
                edition.site().look().equals(theme.id()),
                List.of(theme.text("colourDeep"), theme.text("colourAccent"), theme.text("colourPage")));
    }

    /** One page for each pair of kind and template, the fullest first among equals. */
    private static List<Sheet> sheets(Edition edition) {
        List<Sheet> sheets = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .filter(p -> !p.withdrawn() && edition.toFill(p).isEmpty())
                .filter(p ->
                        seen.add(p.kind() + "/" + edition.worn(p).template().id()))
                .forEach(p -> sheets.add(new Sheet(
                        p.id(),
                        p.title(),
                        edition.kindOf(p).map(Kind::name).orElse(p.kind()),
                        edition.worn(p).template().id())));
        return sheets;
    }

    private static Map<String, Long> tones(Edition edition) {
        Map<String, Long> tones = new HashMap<>();
        edition.all(Page.class).flatMap(p -> p.zones().all()).forEach(s -> {
            String tone = Values.text(s.settings(), "tone");
            tones.merge(tone.isEmpty() ? "plain" : tone, 1L, Long::sum);
        });
        return tones;
    }
}
