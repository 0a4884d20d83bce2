package venue.core.model.theme;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** How much of a tone's ground lies over a picture, so that the tone's words can be read on it. */
public final class Veil {

    private static final int STEP = 5;
    private static final int WHOLE = 100;

    /** Whatever the picture shows, where its colours are not known. */
    private static final List<Colour> ANY = List.of(new Colour(0, 0, 0), new Colour(255, 255, 255));

    private Veil() {}

    /**
     * The least veil, in percent; by night too, where the look has a night.
     *
     * @param key the tone's
     * @param colours what the picture shows, darkest and lightest; empty where it is not known
     * @param beneath the veil of the same tone that lies on it already, in percent
     */
    public static int least(Look look, String key, List<Colour> colours, int beneath) {
        Stream<Tone> night = look.flag("byNight") ? Tone.byNight(look).stream() : Stream.empty();
        return Stream.concat(
                        Stream.of(Tone.of(look, key)), night.filter(t -> t.key().equals(key)))
                .mapToInt(tone -> least(tone, colours, beneath))
                .max()
                .orElse(WHOLE);
    }

    private static int least(Tone tone, List<Colour> colours, int beneath) {
        List<Colour> seen = colours.isEmpty() ? ANY : colours;
        return IntStream.iterate(0, share -> share < WHOLE, share -> share + STEP)
                .filter(share -> seen.stream()
                        .map(c -> c.mix(tone.ground(), part(beneath)).mix(tone.ground(), part(share)))
                        .allMatch(c -> tone.words().contrast(c) >= Tone.ENOUGH))
                .findFirst()
                .orElse(WHOLE);
    }

    private static double part(int percent) {
        return (double) percent / WHOLE;
    }
}
