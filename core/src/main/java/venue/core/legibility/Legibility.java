package venue.core.legibility;

import java.util.Locale;
import java.util.Optional;
import venue.core.edition.Edition;
import venue.core.section.Section;
import venue.core.value.Value;

/**
 * Words of a section that stand too weakly on its background.
 *
 * @param ratio the contrast where it is weakest, 1 to 21; asked are 4.5
 * @param says what is wrong, as a sentence
 * @param mend the nearest setting that mends it
 */
public record Legibility(double ratio, String says, Remedy mend) {

    /** A setting and the value that would do. */
    public record Remedy(String key, Value value, String label) {}

    static final double ENOUGH = 4.5;

    /** What is wrong with the section's words on its background; empty when they can be read. */
    public static Optional<Legibility> of(Edition edition, Section section) {
        Ground ground = new Ground(edition, section);
        double ratio = ground.weakest(ground.tone(), ground.veil());
        if (ratio >= ENOUGH) {
            return Optional.empty();
        }
        String says = String.format(
                Locale.ROOT,
                "Words stand on %s at %.1f : 1 where they are weakest; 4.5 is asked.",
                ground.name(),
                ratio);
        return ground.mend().map(m -> new Legibility(ratio, says, m));
    }
}
