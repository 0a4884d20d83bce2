package venue.core.show.legibility;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.model.property.Property;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;
import venue.core.model.theme.Colour;
import venue.core.model.theme.Look;
import venue.core.model.theme.Tone;

/** What lies behind a section's words. */
final class Ground {

    private static final Map<String, String> ROLES =
            Map.of("page", "colourPage", "tint", "colourTint", "deep", "colourDeep", "accent", "colourAccent");

    private static final int DENSEST_VEIL = 90;

    private static final int VEIL_STEP = 5;

    private final Look theme;
    private final Section section;
    private final String back;
    private final List<Colour> colours;

    Ground(Edition edition, Look look, Section section) {
        theme = look;
        this.section = section;
        back = text("back");
        colours = colours(edition);
    }

    /** Whether the words stand on what their tone makes, which every look makes readable. */
    boolean isTones() {
        return colours.isEmpty() && !back.equals("gradient");
    }

    String name() {
        return isPictured() ? "the picture" : back.equals("gradient") ? "the gradient" : "this colour";
    }

    Tone tone() {
        return tone(text("tone"));
    }

    int veil() {
        return isPictured() ? Integer.parseInt(text("veil")) : 0;
    }

    private Tone tone(String key) {
        return Tone.of(theme, key);
    }

    private List<Colour> colours(Edition edition) {
        return switch (back) {
            case "colour" -> List.of(role("backColour"));
            case "gradient" ->
                Stream.of("backFrom", "backTo")
                        .filter(k -> !text(k).equals("own"))
                        .map(this::role)
                        .toList();
            case "picture" -> shades(edition, Stream.of(text("picture")));
            case "turns" ->
                shades(
                        edition,
                        section.settings().get("turns") instanceof Value.Many many
                                ? many.groups().stream().map(g -> Values.text(g, "picture"))
                                : Stream.empty());
            default -> List.of();
        };
    }

    private static List<Colour> shades(Edition edition, Stream<String> pictures) {
        return pictures.flatMap(id -> edition.media(id).stream())
                .flatMap(m -> m.shades().stream())
                .map(Colour::of)
                .toList();
    }

    private boolean isPictured() {
        return back.equals("picture") || back.equals("turns");
    }

    private Colour role(String key) {
        return theme.colour(ROLES.getOrDefault(text(key), "colourPage"));
    }

    /** The lowest contrast of a tone's words on the background under a veil of that tone, in percent. */
    double weakest(Tone tone, int veil) {
        Stream<Colour> own = back.equals("gradient")
                ? Stream.of("backFrom", "backTo")
                        .filter(k -> text(k).equals("own"))
                        .map(k -> k.equals("backFrom") ? tone.ground() : tone.far())
                : Stream.empty();
        return Stream.concat(colours.stream(), own)
                .map(c -> c.mix(tone.ground(), veil / 100.0))
                .mapToDouble(c -> tone.words().contrast(c))
                .min()
                .orElse(Legibility.ENOUGH);
    }

    Optional<Legibility.Remedy> mend() {
        return isPictured() ? denser().or(this::otherTone) : otherTone();
    }

    private Optional<Legibility.Remedy> denser() {
        return IntStream.iterate(veil() / VEIL_STEP * VEIL_STEP + VEIL_STEP, v -> v <= DENSEST_VEIL, v -> v + VEIL_STEP)
                .filter(v -> weakest(tone(), v) >= Legibility.ENOUGH)
                .mapToObj(v -> new Legibility.Remedy("veil", Value.of(v), "Veil of " + v + " %"))
                .findFirst();
    }

    private Optional<Legibility.Remedy> otherTone() {
        Stream<Tone> readable = Tone.of(theme).stream().filter(t -> weakest(t, veil()) >= Legibility.ENOUGH);
        return readable.max(Comparator.comparingDouble(t -> weakest(t, veil())))
                .map(t -> new Legibility.Remedy("tone", Value.of(t.key()), "Tone " + t.label()))
                .or(() -> Optional.of(new Legibility.Remedy("back", Value.of("none"), "The tone's own ground")));
    }

    private String text(String key) {
        Property property = SectionSettings.all().stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow();
        return property.in(section.settings())
                .map(v -> v instanceof Value.Text t
                        ? t.text()
                        : v instanceof Value.Num n ? n.number().toBigInteger().toString() : "")
                .orElse("");
    }
}
