package venue.core.theme;

import static venue.core.property.Property.of;
import static venue.core.property.PropertyType.COLOUR;
import static venue.core.property.PropertyType.YES_NO;

import java.util.List;
import venue.core.property.Property;
import venue.core.property.PropertyGroup;
import venue.core.value.Value;

/** The colours by their roles. Five are always set; the others are made of these until somebody sets them. */
final class PalettePart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "palette",
                "Palette and tones",
                List.of(
                        colour("colourPage", "Page", "#FBF9F4"),
                        colour("colourWords", "Words", "#1D2733"),
                        colour("colourAccent", "Accent", "#A85723"),
                        colour("colourTint", "Surface tinted", "#F0E7D6"),
                        colour("colourDeep", "Surface deep", "#12202F"),
                        derived("colourHeadings", "Headings", "The words' colour unless set."),
                        derived("colourQuiet", "Quiet words", "Dates, captions: made of words and page unless set."),
                        derived("colourLink", "Links", "The accent, as far as it can be read, unless set."),
                        derived("colourLine", "Lines and borders", "Made of words and page unless set."),
                        derived(
                                "colourOnAccent",
                                "Words on accent",
                                "Page or words, whichever reads better, unless set."),
                        derived("colourOnDeep", "Words on deep", "The page's colour unless set."),
                        of("byNight", "Dark for visitors whose machine is", YES_NO)
                                .fallback(Value.of(false))
                                .help("Page and tinted surface are made of the deep one then.")));
    }

    @Override
    public void write(Look look, Css root) {
        root.set("accent", look.text("colourAccent"));
        root.set("r-page", look.text("colourPage"));
        root.set("r-tint", look.text("colourTint"));
        root.set("r-deep", look.text("colourDeep"));
        root.set("r-accent", look.text("colourAccent"));
        root.set(
                "on-accent",
                Tone.onAccent(look)
                        .passing(look.colour("colourAccent"), Tone.ENOUGH)
                        .hex());
    }

    private static Property colour(String key, String label, String hex) {
        return of(key, label, COLOUR).fallback(Value.of(hex));
    }

    private static Property derived(String key, String label, String help) {
        return of(key, label, COLOUR).help(help);
    }
}
