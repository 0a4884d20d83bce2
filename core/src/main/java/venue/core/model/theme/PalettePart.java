package venue.core.model.theme;

import static venue.core.model.property.Property.of;
import static venue.core.model.property.PropertyType.COLOUR;
import static venue.core.model.property.PropertyType.WORDS;
import static venue.core.model.property.PropertyType.YES_NO;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;

/** The colours by their roles. Five are always set; the others are made of these until somebody sets them. */
final class PalettePart implements Part {

    private static final int NAME = 40;

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "palette", "Palette and tones", Stream.concat(roles(), own()).toList());
    }

    private static Stream<Property> roles() {
        return Stream.of(
                colour("colourPage", "Page", "#FBF9F4"),
                colour("colourWords", "Words", "#1D2733"),
                colour("colourAccent", "Accent", "#A85723"),
                colour("colourTint", "Surface tinted", "#F0E7D6"),
                colour("colourDeep", "Surface deep", "#12202F"),
                derived("colourHeadings", "Headings", "The words' colour unless set."),
                derived("colourQuiet", "Quiet words", "Dates, captions: made of words and page unless set."),
                derived("colourLink", "Links", "The accent, as far as it can be read, unless set."),
                derived("colourLine", "Lines and borders", "Made of words and page unless set."),
                derived("colourOnAccent", "Words on accent", "Page or words, whichever reads better, unless set."),
                derived("colourOnDeep", "Words on deep", "The page's colour unless set."),
                derived(
                        "colourHighlight",
                        "Highlight",
                        "What visitors mark, and words marked in a text: the accent unless set."),
                of("byNight", "Dark for visitors whose machine is", YES_NO)
                        .fallback(Value.of(false))
                        .help("Page and tinted surface are made of the deep one then."),
                of("nightSwitch", "A switch between light and dark", YES_NO)
                        .fallback(Value.of(false))
                        .onlyWhen("byNight=true")
                        .help("Among the header's tools; what a visitor chose is kept in their browser."));
    }

    /** Each tone of one's own is offered when the one before it is there. */
    private static Stream<Property> own() {
        List<Property> all = new ArrayList<>();
        String before = "";
        for (String slot : Tone.OWN) {
            String key = "tone" + slot;
            Property ground =
                    derived(key, slot + " tone of your own", "A ground that sections, columns and buttons can wear.");
            all.add(before.isEmpty() ? ground : ground.onlyWhen(before));
            all.add(of(key + "Name", "Its name", WORDS).longest(NAME).onlyWhen(key));
            all.add(derived(key + "Words", "Its words", "Page or words, whichever reads better, unless set.")
                    .onlyWhen(key));
            all.add(derived(key + "Link", "Its links", "The accent, as far as it can be read, unless set.")
                    .onlyWhen(key));
            before = key;
        }
        return all.stream();
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
        Colour highlight = look.own("colourHighlight").orElse(look.colour("colourAccent"));
        root.set("highlight", highlight.hex());
        Colour ink = Tone.better(look, highlight);
        root.set("on-highlight", ink.passing(highlight, Tone.ENOUGH).hex());
    }

    private static Property colour(String key, String label, String hex) {
        return of(key, label, COLOUR).fallback(Value.of(hex));
    }

    private static Property derived(String key, String label, String help) {
        return of(key, label, COLOUR).help(help);
    }
}
