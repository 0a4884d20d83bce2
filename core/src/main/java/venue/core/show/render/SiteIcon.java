package venue.core.show.render;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.theme.Look;

/**
 * The picture that stands for a site on tabs, home screens and in lists of applications, in the sizes that these ask for, and the
 * manifest that names them (W3C Web Application Manifest). A drawing (SVG) serves every size as it is.
 */
public record SiteIcon(Edition edition, Media picture) {

    /** Widths and heights that are made of a photograph, in pixels: for tabs, for home screens, for lists of applications. */
    public static final List<Integer> SIZES = List.of(32, 180, 192, 512);

    private static final int TAB = 32;
    private static final int HOME_SCREEN = 180;
    private static final int HASH_LETTERS = 16;
    private static final int SHORT_NAME = 12;

    /** The icon of a site; empty where none is set. */
    public static Optional<SiteIcon> of(Edition edition) {
        return edition.media(Values.text(edition.site().facts(), "icon"))
                .filter(Media::isPicture)
                .map(m -> new SiteIcon(edition, m));
    }

    private boolean isDrawing() {
        return picture.format().equals("svg");
    }

    /** Where it is served in a size. */
    public String path(int size) {
        return isDrawing() ? picture.path() : "/-/icon/" + picture.file().first(HASH_LETTERS) + "-" + size + ".png";
    }

    /** The size that is served at a path. */
    public Optional<Integer> sizeAt(String path) {
        return SIZES.stream().filter(s -> !isDrawing() && path(s).equals(path)).findFirst();
    }

    public String manifestPath() {
        Look look = edition.theme();
        String made = edition.site().name()
                + picture.file()
                + look.colour("colourDeep").hex()
                + look.colour("colourPage").hex();
        return "/-/manifest/" + Hash.over(made).first(HASH_LETTERS) + ".webmanifest";
    }

    /** The manifest's members. */
    public Map<String, Object> manifest() {
        String name = edition.site().name();
        Map<String, Object> members = new LinkedHashMap<>();
        members.put("name", name);
        members.put("short_name", name.length() <= SHORT_NAME ? name : name.split("\\s")[0]);
        members.put("start_url", "/");
        members.put("display", "browser");
        members.put("lang", edition.site().language());
        members.put("theme_color", edition.theme().colour("colourDeep").hex());
        members.put("background_color", edition.theme().colour("colourPage").hex());
        members.put(
                "icons",
                isDrawing()
                        ? List.of(icon(picture.path(), "any", "image/svg+xml"))
                        : List.of(icon(path(192), "192x192", "image/png"), icon(path(512), "512x512", "image/png")));
        return members;
    }

    private static Map<String, Object> icon(String src, String sizes, String type) {
        return Map.of("src", src, "sizes", sizes, "type", type);
    }

    /** Names it in a page's head. */
    void write(HtmlWriter out) {
        if (isDrawing()) {
            out.empty("link").attr("rel", "icon").attr("type", "image/svg+xml").attr("href", picture.path());
        } else {
            out.empty("link")
                    .attr("rel", "icon")
                    .attr("type", "image/png")
                    .attr("sizes", "32x32")
                    .attr("href", path(TAB));
            out.empty("link").attr("rel", "apple-touch-icon").attr("href", path(HOME_SCREEN));
        }
        out.empty("link").attr("rel", "manifest").attr("href", manifestPath());
    }
}
