package venue.core.model.tokens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.ReadySite;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.Files;
import venue.core.model.theme.Look;
import venue.core.model.theme.StyleSheet;
import venue.core.model.theme.ThemeSettings;

class DesignTokensTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static DesignTokens.TokensRead outAndIn(Look look) {
        return read(JSON.writeValueAsString(DesignTokens.of(look)));
    }

    private static DesignTokens.TokensRead read(String json) {
        return DesignTokens.read(JSON.readValue(json, Map.class));
    }

    private static void isTheSame(Look look) {
        DesignTokens.TokensRead read = outAndIn(look);
        assertThat(read.unknown()).isEmpty();
        assertThat(StyleSheet.of(new Look(look.id(), look.name(), read.settings()), Files.NONE)
                        .css())
                .isEqualTo(StyleSheet.of(look, Files.NONE).css());
    }

    @Test
    void everyLookThatIsReadyMadeIsTheSameOutAndInAgain() {
        ReadySite.looks().forEach(DesignTokensTest::isTheSame);
    }

    @Property(tries = 200)
    void anyLookIsTheSameOutAndInAgain(@ForAll long seed) {
        Random chance = new Random(seed);
        Look look = new Look("x", "X", Map.of());
        for (var setting : ThemeSettings.all()) {
            boolean named = setting.type() == PropertyType.PICTURE || setting.type() == PropertyType.FONT;
            if (!named && chance.nextBoolean()) {
                look = look.with(setting.key(), any(setting, chance));
            }
        }
        isTheSame(look);
    }

    private static Value any(venue.core.model.property.Property setting, Random chance) {
        if (setting.type() == PropertyType.COLOUR) {
            return Value.of(String.format("#%06X", chance.nextInt(0x1000000)));
        }
        if (setting.type() == PropertyType.NUMBER) {
            long min = setting.range().min().longValueExact();
            return Value.of(min + chance.nextInt((int) (setting.range().max().longValueExact() - min) + 1));
        }
        if (setting.type() == PropertyType.WORDS) {
            return Value.of("Moss " + chance.nextInt(99));
        }
        return setting.type() == PropertyType.YES_NO
                ? Value.of(chance.nextBoolean())
                : Value.of(setting.choices()
                        .get(chance.nextInt(setting.choices().size()))
                        .value());
    }

    @Test
    void tokensOfOthersAreReadAsFarAsTheyAreKnownAndTheRestIsNamed() {
        DesignTokens.TokensRead read = read("""
                {"brand":{"$type":"color","colourAccent":{"$value":{"colorSpace":"srgb","components":[1,0.5,0]}},
                 "glow":{"$value":"#FFFFFF"}},"bodySize":{"$type":"dimension","$value":{"value":20,"unit":"px"}}}""");
        assertThat(read.settings())
                .containsEntry("colourAccent", Value.of("#FF8000"))
                .containsEntry("bodySize", Value.of(20));
        assertThat(read.unknown()).containsExactly("brand.glow");
    }

    @Test
    void whatCannotBeIsRefusedWithItsPath() {
        refused("{\"a\":{\"lineWeight\":{\"$value\":{\"value\":90,\"unit\":\"px\"}}}}", "out-of-range", "a.lineWeight");
        refused("{\"colourPage\":{\"$value\":\"red\"}}", "wrong-value", "colourPage");
        refused("{\"colourPage\":{\"$value\":{\"colorSpace\":\"lab\"}}}", "unread-token", "colourPage");
        refused(
                "{\"$extensions\":{\"venue.look\":{\"arrangements\":{\"cardShape\":[]}}}}",
                "unread-token",
                "cardShape");
    }

    private static void refused(String json, String code, String field) {
        assertThatThrownBy(() -> read(json))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        r -> assertThat(List.of(r.code(), r.field())).containsExactly(code, field));
    }
}
