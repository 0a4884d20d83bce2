package venue.core.show.legibility;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.model.section.Column;
import venue.core.model.section.Section;
import venue.core.model.theme.Colour;
import venue.core.model.theme.Look;
import venue.core.model.theme.Tone;

/**
 * Words of a section that stand too weakly on its background.
 *
 * @param ratio the contrast where it is weakest, 1 to 21; asked are 4.5
 * @param says what is wrong, as a sentence
 * @param mend the nearest setting that mends it
 */
public record Legibility(double ratio, String says, Remedy mend) {

    /**
     * A setting and the value that would do.
     *
     * @param column the id of the column that it is of; absent where it is the section's
     */
    public record Remedy(@Nullable String column, String key, Value value, String label) {

        Remedy(String key, Value value, String label) {
            this(null, key, value, label);
        }
    }

    static final double ENOUGH = 4.5;
    private static final int STEPS = 20;
    private static final int ALL = 100;
    private static final int WHOLE = 12;

    /** The same of a column on a colour of its own, in which words keep the section's tone. */
    private static Optional<Legibility> ofColumn(Ground section, Column column) {
        String colour = Values.text(column.settings(), "groundColour");
        if (!Values.text(column.settings(), "ground").equals("colour") || colour.isEmpty()) {
            return Optional.empty();
        }
        Colour ground = Colour.of(colour);
        Tone tone = section.tone();
        double ratio = Stream.of(tone.words(), tone.headings(), tone.link(), tone.quiet())
                .mapToDouble(ground::contrast)
                .min()
                .orElse(ENOUGH);
        if (ratio >= ENOUGH) {
            return Optional.empty();
        }
        Value nearest = Value.of(readable(ground, tone).hex());
        return Optional.of(new Legibility(
                ratio,
                says("the colour of a column", ratio),
                new Remedy(column.id(), "groundColour", nearest, "Colour " + ((Value.Text) nearest).text())));
    }

    /** The colour nearest to {@code ground}, towards the tone's own, on which all its words can be read. */
    private static Colour readable(Colour ground, Tone tone) {
        return IntStream.rangeClosed(1, STEPS)
                .mapToObj(i -> ground.mix(tone.ground(), (double) i / STEPS))
                .filter(c -> Stream.of(tone.words(), tone.headings(), tone.link(), tone.quiet())
                        .allMatch(w -> w.contrast(c) >= ENOUGH))
                .findFirst()
                .orElse(tone.ground());
    }

    /** What is wrong with words on what the theme puts behind title bands and pages; each mend is a setting of the look. */
    public static List<Legibility> ofLook(Edition edition, Look theme) {
        Map<String, Value> band = Map.of(
                "tone", Value.of(theme.text("bandTone")),
                "back", Value.of(theme.text("bandBack")),
                "backFrom", Value.of("own"),
                "backTo", Value.of("own"),
                "picture", Value.of(theme.text("bandPicture")),
                "veil", Value.of(Math.round(theme.number("bandVeil"))));
        Map<String, Value> page = Map.of(
                "back",
                        Value.of(
                                theme.text("pageTexture").equals("picture")
                                                || theme.text("pageTexture").equals("tile")
                                        ? "picture"
                                        : "none"),
                "picture", Value.of(theme.text("pagePicture")),
                "veil", Value.of(ALL - Math.round(theme.number("textureStrength"))));
        return Stream.concat(
                        of(edition, theme, stand(band))
                                .map(l -> l.as("bandVeil", "bandTone", "bandBack", false))
                                .stream(),
                        of(edition, theme, stand(page))
                                .map(l -> l.as("textureStrength", "pageTexture", "pageTexture", true))
                                .stream())
                .toList();
    }

    private static Section stand(Map<String, Value> settings) {
        Section section = Section.empty("stand", "", List.of(WHOLE));
        for (Map.Entry<String, Value> each : settings.entrySet()) {
            section = section.with(each.getKey(), each.getValue());
        }
        return section;
    }

    /** The same with its mend as a setting of the look: a page has no tone to choose, so its texture goes. */
    private Legibility as(String veil, String tone, String back, boolean strength) {
        return switch (mend.key()) {
            case "veil" -> {
                long share = ((Value.Num) mend.value()).number().longValue();
                yield strength
                        ? with(veil, Value.of(ALL - share), "Strength of " + (ALL - share) + " %")
                        : with(veil, mend.value(), mend.label());
            }
            case "tone" ->
                strength ? with(back, Value.of("none"), "No picture") : with(tone, mend.value(), mend.label());
            default -> with(back, Value.of("none"), mend.label());
        };
    }

    private Legibility with(String key, Value value, String label) {
        return new Legibility(ratio, says, new Remedy(key, value, label));
    }

    private static String says(String ground, double ratio) {
        return String.format(
                Locale.ROOT, "Words stand on %s at %.1f : 1 where they are weakest; 4.5 is asked.", ground, ratio);
    }

    /** What is wrong with the section's words on its background; empty when they can be read. */
    public static Optional<Legibility> of(Edition edition, Section section) {
        return of(edition, edition.theme(), section);
    }

    private static Optional<Legibility> of(Edition edition, Look look, Section section) {
        Ground ground = new Ground(edition, look, section);
        double ratio = ground.isTones() ? ENOUGH : ground.weakest(ground.tone(), ground.veil());
        if (ratio >= ENOUGH) {
            return section.columns().stream()
                    .flatMap(c -> ofColumn(ground, c).stream())
                    .findFirst();
        }
        String says = says(ground.name(), ratio);
        return ground.mend().map(m -> new Legibility(ratio, says, m));
    }
}
