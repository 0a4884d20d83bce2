package venue.server.theme;

import java.util.Map;
import java.util.TreeMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.Look;
import venue.core.model.theme.StyleSheet;
import venue.core.model.theme.ThemeSettings;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** The stylesheet of the look that is worn, while it is being changed. */
@RestController
@RequestMapping("/api/sites/{site}/theme")
class StyleController {

    /**
     * The stylesheet of the look that is worn, as it is being changed.
     *
     * @param tokens its custom properties alone
     * @param rules a hash of all the rest, and of what is chosen: while it stays, the tokens are all that is new
     */
    record Style(String css, String tokens, String rules, Hash revision) {}

    @GetMapping("/style")
    Style style(Here here) {
        Standing standing = here.now();
        Edition edition = standing.working();
        Look theme = edition.theme();
        StyleSheet sheet = StyleSheet.of(theme, edition::media);
        String rest = Hash.shortOf(sheet.rest() + choices(theme));
        return new Style(sheet.css(), sheet.tokens(), rest, standing.hashOf(theme.id()));
    }

    /** The settings that are no tokens: a choice may change the markup, so the page is written anew. */
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
}
