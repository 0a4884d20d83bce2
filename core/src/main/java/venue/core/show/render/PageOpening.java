package venue.core.show.render;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import venue.core.model.media.Media;
import venue.core.model.theme.Colour;
import venue.core.model.theme.Look;
import venue.core.model.theme.Veil;

/** What a page begins with: where that is a picture, a header may lie over it, and follows it. */
final class PageOpening {

    /** There the picture has no veil. */
    private static final String BESIDE = "beside";

    /** Shapes of an opening in which its picture reaches the header. */
    private static final Set<String> REACHING = Set.of("over", BESIDE);

    private final Look look;
    private boolean begun;
    private String tone = "";
    private List<Colour> colours = List.of();
    private int veil;

    PageOpening(Look look) {
        this.look = look;
    }

    /** With something else than a picture that reaches up to the header. */
    void plainly() {
        begun = true;
    }

    /** @param under how much of that tone's ground lies over the pictures, in percent */
    void on(List<Media> pictures, String on, int under) {
        if (!begun) {
            tone = on;
            colours = shades(pictures);
            veil = under;
        }
        begun = true;
    }

    /** With words on a picture, which stand as the look has it. */
    void opening(List<Media> pictures, String on, int under) {
        String shape = look.text("openingShape");
        if (REACHING.contains(shape)) {
            on(pictures, on, shape.equals(BESIDE) ? 0 : under);
        } else {
            plainly();
        }
    }

    /** The tone that the header wears over what the page begins with; empty where it stands on a ground of its own. */
    Optional<String> tone() {
        return look.text("headerShape").equals("over") && !tone.isEmpty() ? Optional.of(tone) : Optional.empty();
    }

    /** How much of the tone's ground the header lays beneath its words, in percent. */
    int veil() {
        return Veil.least(look, tone, colours, veil);
    }

    /** The darkest and the lightest colours of pictures; none where one's are not known. */
    static List<Colour> shades(List<Media> pictures) {
        return pictures.stream().anyMatch(m -> m.shades().isEmpty())
                ? List.of()
                : pictures.stream()
                        .flatMap(m -> m.shades().stream())
                        .map(Colour::of)
                        .toList();
    }
}
