package venue.server.theme;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.theme.Colour;
import venue.core.model.theme.Palette;
import venue.server.here.Here;
import venue.store.media.MediaFiles;
import venue.store.media.PictureColours;

/** Colours that a look could have: made of one or two, or found in the logo. */
@RestController
@RequestMapping("/api/sites/{site}/theme")
class PaletteController {

    private final MediaFiles files;

    PaletteController(MediaFiles files) {
        this.files = files;
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
}
