package venue.core.show.render;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.text.Words;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.UsualFields;
import venue.core.model.site.Site;
import venue.core.model.theme.StyleSheet;

/** Writes the head of a page: what browsers, search engines and those who share it read. */
public final class Head {

    /** Where the public site's one small script is served; every page can be read without. */
    public static final String SCRIPT = "/-/page.js";

    /** Brings what the server alone can answer into pages that are served elsewhere. */
    public static final String ASKED = "/-/asked.js";

    /** It stands behind the notices and is awaited, so that nothing jumps when it has run. */
    public static final String NOTICES = "/-/notices.js";

    /** It opens what stands beneath a menu's lines when they are pointed at; without it their sign does. */
    public static final String MENU = "/-/menu.js";

    /** It is awaited, so that a page which a visitor wants dark is never drawn light. */
    public static final String SCHEME = "/-/scheme.js";

    /** It offers pages by their titles while somebody types what they look for. */
    public static final String SEARCH = "/-/search.js";

    /** How a browser searches the site by itself (OpenSearch 1.1). */
    public static final String OPEN_SEARCH = "/-/search.osdx";

    /** It puts a real map in the place of a drawn one, once a visitor agrees. */
    public static final String MAP = "/-/map.js";

    /** How the forms of the members are set. */
    public static final String MEMBERS = "/-/members.css";

    /** How the forms of visitors are set. */
    public static final String FORMS = "/-/forms.css";

    /** It sends a form without leaving the page; without it the page comes anew. */
    public static final String FILLING = "/-/filling.js";

    /** It takes things along without leaving the page, and says how many were. */
    public static final String BASKET = "/-/basket.js";

    /** How what is taken along is set. */
    public static final String BASKET_STYLE = "/-/basket.css";

    /** How what visitors leave on pages is set. */
    public static final String TRACES = "/-/traces.css";

    /** It tells whoever has rated a page what they gave. */
    public static final String RATING = "/-/rating.js";

    private static final int DESCRIPTION_LETTERS = 200;

    private Head() {}

    /** The title that search engines show: the page's own, else its title and the site's name. */
    public static String searchTitle(Site site, Page page, boolean home) {
        String own = Values.text(page.settings(), "searchTitle");
        if (!own.isBlank()) {
            return own;
        }
        return home && page.title().contains(site.name()) ? page.title() : page.title() + " · " + site.name();
    }

    /** The description that search engines show: the page's own, else its summary; may be empty. */
    public static String description(Edition edition, Page page) {
        String own = Values.text(page.settings(), "searchDescription");
        return Words.shorten(own.isBlank() ? edition.words(page, UsualFields.SUMMARY) : own, DESCRIPTION_LETTERS);
    }

    static void write(View view, Page page, boolean findable, PageScene scene, HtmlWriter out) {
        Site site = view.edition().site();
        String title = searchTitle(site, page, view.edition().isHome(page)) + furtherTitle(scene);
        out.start("head");
        out.empty("meta").attr("charset", "utf-8");
        out.empty("meta").attr("name", "viewport").attr("content", "width=device-width, initial-scale=1");
        out.element("title", title);
        if (findable) {
            found(view, scene, out);
        }
        if (!findable || page.isKeptOut() || view.wrapping().keptOut()) {
            out.empty("meta").attr("name", "robots").attr("content", "noindex");
        }
        String description = description(view.edition(), page);
        if (!description.isEmpty()) {
            out.empty("meta").attr("name", "description").attr("content", description);
        }
        if (findable) {
            openGraph(view, page, scene, title, description, out);
            LinkedData.of(view, page, scene.needs().needsRating()).forEach(told -> out.data(LinkedData.TYPE, told));
        }
        styles(view, scene, out);
        scripts(view, scene, out);
        stylesOfParts(scene.needs(), out);
        if (view.wrapping().stylesheet() != null) {
            out.empty("link")
                    .attr("rel", "stylesheet")
                    .attr("href", view.wrapping().stylesheet());
        }
        out.end();
    }

    /** How what only some pages have is set. */
    private static void stylesOfParts(PageNeeds needs, HtmlWriter out) {
        Map<String, Boolean> parts = new LinkedHashMap<>();
        parts.put(MEMBERS, needs.needsForms());
        parts.put(FORMS, needs.needsFilling());
        parts.put(BASKET_STYLE, needs.needsTaking());
        parts.put(TRACES, needs.needsTraces());
        parts.forEach((href, needed) -> {
            if (needed) {
                out.empty("link").attr("rel", "stylesheet").attr("href", href);
            }
        });
    }

    /** Where the page is found, what can be followed of it, and how the site is searched. */
    private static void found(View view, PageScene scene, HtmlWriter out) {
        out.empty("link")
                .attr("rel", "canonical")
                .attr("href", view.origin() + scene.gathered().listings().canonical());
        scene.gathered().listings().beside(view.origin(), out);
        scene.gathered().listings().follow(view.origin(), out);
        scene.gathered()
                .search()
                .named()
                .ifPresent(at -> out.empty("link")
                        .attr("rel", "search")
                        .attr("type", "application/opensearchdescription+xml")
                        .attr("title", view.edition().site().name())
                        .attr("href", OPEN_SEARCH));
    }

    private static void scripts(View view, PageScene scene, HtmlWriter out) {
        if (scene.look().flag("nightSwitch") && scene.look().flag("byNight")) {
            out.start("script").attr("src", SCHEME).end();
        }
        if (scene.needs().needsScript() && !view.isMarked()) {
            out.start("script").attr("src", SCRIPT).attr("defer").end();
        }
        if (!scene.needs().tiles().isEmpty() && !view.isMarked()) {
            out.start("script").attr("src", MAP).attr("defer").end();
        }
        if (scene.needs().needsFilling() && !view.isMarked()) {
            out.start("script").attr("src", FILLING).attr("defer").end();
        }
        if (!scene.needs().asks().isEmpty()) {
            out.start("script").attr("src", ASKED).attr("defer").end();
        }
        if (scene.needs().needsBasket() && !view.isMarked()) {
            out.start("script").attr("src", BASKET).attr("defer").end();
        }
        if (scene.needs().needsRating() && !view.isMarked()) {
            out.start("script").attr("src", RATING).attr("defer").end();
        }
        if (scene.gathered().search().hasLine() && !view.isMarked()) {
            out.start("script").attr("src", SEARCH).attr("defer").end();
        }
    }

    /** A further page of a listing is told from the first by its title. */
    private static String furtherTitle(PageScene scene) {
        int number = scene.gathered().listings().number();
        return number > 1 ? " · " + scene.words().say(Phrase.PAGE).replace("{0}", String.valueOf(number)) : "";
    }

    private static void styles(View view, PageScene scene, HtmlWriter out) {
        for (String font : StyleSheet.fonts(
                scene.look(), view.edition()::media, scene.needs().leans())) {
            out.empty("link")
                    .attr("rel", "preload")
                    .attr("as", "font")
                    .attr("type", "font/woff2")
                    .attr("crossorigin")
                    .attr("href", font);
        }
        boolean usual = scene.look() == view.edition().theme();
        StyleSheet style = usual ? view.style() : StyleSheet.of(scene.look(), view.edition()::media);
        out.empty("link").attr("rel", "stylesheet").attr("href", style.path());
        SiteIcon.of(view.edition())
                .ifPresentOrElse(
                        icon -> icon.write(out),
                        () -> out.empty("link")
                                .attr("rel", "icon")
                                .attr("type", "image/svg+xml")
                                .attr("href", view.mark().path()));
        if (!scene.needs().rules().isEmpty()) {
            out.style(scene.needs().rules().css());
        }
    }

    /** The Open Graph protocol's basic metadata. */
    private static void openGraph(
            View view, Page page, PageScene scene, String title, String description, HtmlWriter out) {
        property(out, "og:type", view.edition().words(page, UsualFields.DATE).isEmpty() ? "website" : "article");
        property(out, "og:title", title);
        property(out, "og:url", view.origin() + scene.gathered().listings().canonical());
        property(out, "og:site_name", view.edition().site().name());
        property(
                out,
                "og:locale",
                PageSettings.language(page, view.edition().site().language()).replace('-', '_'));
        if (!description.isEmpty()) {
            property(out, "og:description", description);
        }
        image(view, page).ifPresentOrElse(m -> property(out, "og:image", view.origin() + m.path(m.width())), () -> {
            property(
                    out,
                    "og:image",
                    view.origin() + ShareCard.of(view.edition(), page).path());
            property(out, "og:image:width", String.valueOf(ShareCard.WIDE));
            property(out, "og:image:height", String.valueOf(ShareCard.HIGH));
            property(out, "og:image:alt", page.title());
        });
    }

    private static Optional<Media> image(View view, Page page) {
        return view.edition()
                .media(Values.text(page.settings(), "shareImage"))
                .or(() -> view.edition().media(view.edition().words(page, UsualFields.PICTURE)));
    }

    private static void property(HtmlWriter out, String name, String content) {
        out.empty("meta").attr("property", name).attr("content", content);
    }
}
