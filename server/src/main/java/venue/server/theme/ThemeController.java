package venue.server.theme;

import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.LookUse;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.PropertyGroup;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Section;
import venue.core.model.site.Site;
import venue.core.model.site.SiteIdentity;
import venue.core.model.theme.Colour;
import venue.core.model.theme.ContrastPair;
import venue.core.model.theme.Look;
import venue.core.model.theme.Palette;
import venue.core.model.theme.StyleSheet;
import venue.core.model.theme.ThemeSettings;
import venue.core.model.tokens.DesignTokens;
import venue.core.show.legibility.Legibility;
import venue.server.here.Here;
import venue.store.media.MediaFiles;
import venue.store.media.PictureColours;
import venue.store.workspace.Standing;

/** The theme's screen: settings in order, contrast, looks, and a page of every kind for the contact sheet. */
@RestController
@RequestMapping("/api/sites/{site}/theme")
class ThemeController {

    private static final int MOST_LETTERS = 500_000;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final MediaFiles files;

    ThemeController(MediaFiles files) {
        this.files = files;
    }

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
            List<Legibility> hardToRead,
            List<LookInfo> looks,
            List<Sheet> sheets,
            long pages,
            Map<String, Long> tones,
            Map<String, LookUse.Reach> reaches,
            List<Everywhere> everywhere,
            List<Differs> differing,
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
                Legibility.ofLook(edition, theme),
                edition.all(Look.class)
                        .sorted(Comparator.comparing(Look::name))
                        .map(t -> look(edition, t))
                        .toList(),
                LookUse.samples(edition).stream().map(p -> sheet(edition, p)).toList(),
                edition.all(Page.class).count(),
                LookUse.tones(edition),
                LookUse.reaches(edition),
                edition.foot().stream().map(Everywhere::of).toList(),
                Differing.pages(edition)
                        .map(p -> new Differs(p.id(), p.title(), Differing.of(p)))
                        .toList(),
                identity(standing, edition.site()));
    }

    /**
     * A section that stands at the end of every page.
     *
     * @param stands {@code above} the footer, {@code within} it, or in the {@code left} or {@code right} column
     * @param onPages {@code home} on the home page alone, {@code others} on every page but that; else on all
     */
    record Everywhere(String id, String name, String stands, String onPages) {

        static Everywhere of(Section section) {
            String stands = Values.text(section.settings(), "foot");
            String onPages = Values.text(section.settings(), "onPages");
            return new Everywhere(
                    section.id(),
                    section.name(),
                    stands.isEmpty() ? "above" : stands,
                    onPages.isEmpty() ? "all" : onPages);
        }
    }

    /** A page whose look differs from the theme, in which settings. */
    record Differs(String id, String title, Map<String, Value> settings) {}

    /**
     * The stylesheet of the look that is worn, as it is being changed.
     *
     * @param tokens its custom properties alone
     * @param rules a hash of all the rest, and of what is chosen: while it stays, the tokens are all that is new
     */
    record Style(String css, String tokens, String rules, String revision) {}

    @GetMapping("/style")
    Style style(Here here) {
        Standing standing = here.now();
        Edition edition = standing.working();
        Look theme = edition.theme();
        String css = StyleSheet.of(theme, edition::media).css();
        String tokens = StyleSheet.tokens(theme);
        String rest = css.replace(tokens, "") + choices(theme);
        return new Style(css, tokens, Hash.shortOf(rest), standing.hashOf(theme.id()));
    }

    /** What is not told by tokens alone: choices may change the markup too. */
    private static Map<String, Value> choices(Look theme) {
        Map<String, Value> choices = new TreeMap<>(theme.settings());
        ThemeSettings.all().stream()
                .filter(p -> p.type() == PropertyType.COLOUR || p.type() == PropertyType.NUMBER)
                .forEach(p -> choices.remove(p.key()));
        return choices;
    }

    /** What a colour or a number that is only being tried comes to. */
    record Tried(String tokens) {}

    /** The tokens of the look that is worn as they would be with one setting otherwise; nothing is changed. */
    @GetMapping("/trial")
    Tried trial(Here here, @RequestParam String key, @RequestParam String value) {
        Property setting = ThemeSettings.require(key);
        boolean number = setting.type() == PropertyType.NUMBER;
        Value given = number && value.matches("-?\\d{1,6}") ? Value.of(Long.parseLong(value)) : Value.of(value);
        Look theme = here.working().theme().with(key, PropertyCheck.one(setting, given, key));
        return new Tried(StyleSheet.tokens(theme));
    }

    /** A look as design tokens (DTCG 2025.10), handed over under the look's name. */
    @GetMapping("/tokens/{look}")
    ResponseEntity<Map<String, Object>> tokens(Here here, @PathVariable String look) {
        Look of = here.working().require(Look.class, look);
        ContentDisposition as = ContentDisposition.attachment()
                .filename(of.name() + ".tokens.json", StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, as.toString())
                .body(DesignTokens.of(of));
    }

    /** A file of design tokens, as it was given. */
    record TokensFile(String json) {}

    /** What a file of design tokens comes to; nothing is made of it yet. */
    @PostMapping("/tokens")
    DesignTokens.TokensRead read(Here here, @RequestBody TokensFile file) {
        return DesignTokens.read(parsed(file.json()));
    }

    private static Map<?, ?> parsed(String json) {
        try {
            if (json.length() <= MOST_LETTERS && JSON.readValue(json, Object.class) instanceof Map<?, ?> file) {
                return file;
            }
        } catch (JacksonException e) {
            // Told below, the same for whatever is no object.
        }
        throw Refusal.badInput(
                "no-tokens",
                "json",
                "This is no file of design tokens.",
                "Give a JSON file as the Design Tokens format has them, of 500,000 characters at most.");
    }

    /** Palettes made of a colour, or of two, as #RRGGBB without the mark or with it. */
    @GetMapping("/palettes")
    List<Palette> palettes(Here here, @RequestParam String of, @RequestParam(required = false) @Nullable String and) {
        return Palette.of(colour(of), and == null || and.isEmpty() ? null : colour(and));
    }

    /** The colours by which the site's logo is known, the strongest first; none where it has no logo, or that no colour. */
    @GetMapping("/logo-colours")
    List<String> logoColours(Here here) {
        Edition edition = here.working();
        return edition.media(Values.text(edition.site().facts(), "logo")).filter(Media::isPicture).stream()
                .flatMap(logo -> new PictureColours(files).of(logo).stream())
                .map(Colour::hex)
                .toList();
    }

    private static Colour colour(String hex) {
        return Colour.of(hex.startsWith("#") ? hex : "#" + hex);
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
