package venue.core.show.render;

import java.util.Map;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.media.Media;
import venue.core.model.property.Property;
import venue.core.model.site.Site;
import venue.core.model.site.SiteIdentity;

/** Writes what the site is known by: its logo, with another one for dark ground where there is one; else its name. */
final class Logo {

    /** Windows between which a logo grows from its narrow width to its wide one, in pixels. */
    private static final double NARROW = 360;

    private static final double WIDE = 1280;

    /** The side of a mark beside the name, in pixels, before the stylesheet sizes it, and of the file that it is. */
    private static final int MARK = 32;

    private static final int LARGEST = 192;

    private final PageScene scene;
    private final Site site;
    private final String mark;
    private final HtmlWriter out;

    Logo(View view, PageScene scene, HtmlWriter out) {
        this.scene = scene;
        site = view.edition().site();
        mark = SiteIcon.of(view.edition())
                .map(i -> i.path(LARGEST))
                .orElse(view.mark().path());
        this.out = out;
    }

    void write() {
        Map<String, Value> facts = site.facts();
        Optional<Media> light = picture(facts, "logo");
        if (light.isEmpty()) {
            if (Values.flag(facts, "markBeside")) {
                mark();
            }
            out.text(site.name());
            return;
        }
        Optional<Media> dark = picture(facts, "logoOnDark");
        picture(light.get(), dark.isPresent() ? " on-light" : "");
        dark.ifPresent(m -> picture(m, " on-dark"));
    }

    /** It says nothing that the name beside it doesn't. */
    private void mark() {
        out.empty("img")
                .attr("class", "mark")
                .attr("src", mark)
                .attr("width", MARK)
                .attr("height", MARK)
                .attr("alt", "");
    }

    private Optional<Media> picture(Map<String, Value> facts, String key) {
        return scene.pictures().media(Values.text(facts, key)).filter(Media::isPicture);
    }

    /** The logo stands in place of the site's name, so the name is its text alternative. */
    private void picture(Media media, String ground) {
        long wide = Math.round(number("logoWide"));
        long space = Math.round(number("logoSpace"));
        String width = scene.needs()
                .rules()
                .rule(
                        "",
                        "width:" + fluid(number("logoNarrow"), wide)
                                + (space > 0 ? ";margin-block:" + space + "px" : ""));
        int file = media.widths().stream()
                .filter(w -> w >= 2 * wide)
                .findFirst()
                .orElse(media.widths().get(media.widths().size() - 1));
        out.empty("img")
                .attr("class", "logo " + width + ground)
                .attr("src", media.path(file))
                .attr("width", media.width())
                .attr("height", media.height())
                .attr("alt", site.name());
    }

    private double number(String key) {
        return SiteIdentity.all().stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .flatMap((Property p) -> p.in(site.facts()))
                .map(v -> ((Value.Num) v).number().doubleValue())
                .orElse(WIDE);
    }

    private static String fluid(double narrow, double wide) {
        double slope = (wide - narrow) / (WIDE - NARROW);
        return "clamp(" + Math.round(Math.min(narrow, wide)) + "px,"
                + Math.round(narrow - slope * NARROW) + "px + " + Math.round(slope * 10000) / 100.0 + "vw,"
                + Math.round(Math.max(narrow, wide)) + "px)";
    }
}
