package venue.core.show.render;

import java.util.List;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.element.Pictures;
import venue.core.body.element.TopicLinks;
import venue.core.edition.edition.TitleBand;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.part.PagePart;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.property.UsualFields;
import venue.core.model.theme.Look;
import venue.core.model.theme.Veil;

/** Writes the title band: breadcrumb, title, and what the look says beneath it. */
final class Band {

    /** Veils of a page's own picture, in percent; the stylesheet has them in tens. */
    private static final int USUAL = 40;

    private static final int DENSEST = 90;
    private static final int STEP = 10;

    private static final Property DATE = Property.of(UsualFields.DATE, "Date", PropertyType.DATE_TIME);

    private final View view;
    private final Page page;
    private final PageScene scene;
    private final PageParts parts;
    private final HtmlWriter out;

    Band(View view, Page page, PageScene scene, PageParts parts, HtmlWriter out) {
        this.view = view;
        this.page = page;
        this.scene = scene;
        this.parts = parts;
        this.out = out;
    }

    void write(TitleBand band) {
        Optional<Media> picture = band == TitleBand.PICTURE
                ? scene.pictures().media(view.edition().words(page, UsualFields.PICTURE))
                : Optional.empty();
        String tone = picture.isPresent() ? "deep" : scene.look().text("bandTone");
        Optional<Media> themes = picture.isPresent() ? Optional.empty() : behind("picture");
        boolean pictured = picture.isPresent() || themes.isPresent();
        int veil = picture.isPresent()
                ? veil(tone, picture.get())
                : (int) scene.look().number("bandVeil");
        if (pictured) {
            scene.beginning.on(picture.or(() -> themes).stream().toList(), tone, veil);
        } else {
            scene.beginning.plainly();
        }
        out.start("div", "band" + (pictured ? " pictured" : "") + " t-" + tone + ground(pictured));
        picture.ifPresent(m -> back(m, "v" + veil / STEP));
        themes.ifPresent(m -> back(m, "looks"));
        out.start("div", "in");
        breadcrumb();
        if (view.isMarked()) {
            out.mark("data-s", "title");
        }
        out.element("h1", page.title());
        beneath(scene.look());
        out.end().end();
    }

    /** As thin as the words on a page's own picture allow. */
    private int veil(String tone, Media picture) {
        int least = Veil.least(scene.look(), tone, PageOpening.shades(List.of(picture)), 0);
        return Math.min(DENSEST, Math.max(USUAL, (least + STEP - 1) / STEP * STEP));
    }

    /** The look's own picture, where its bands have such a background. */
    private Optional<Media> behind(String back) {
        Look theme = scene.look();
        return theme.text("bandBack").equals(back)
                ? scene.pictures().media(theme.text("bandPicture")).filter(Media::isPicture)
                : Optional.empty();
    }

    private void back(Media picture, String veil) {
        out.start("div", "back " + veil);
        Pictures.write(scene, picture, "", Pictures.BAND, out);
        out.end();
    }

    /** The classes of what lies behind the words where no picture does. */
    private String ground(boolean pictured) {
        Look theme = scene.look();
        return switch (pictured ? "picture" : theme.text("bandBack")) {
            case "gradient" -> " g gf-own gt-own";
            case "texture" -> " tx tx-" + theme.text("bandTexture");
            case "tile" ->
                behind("tile")
                        .map(m -> " tile " + SectionStyle.tile(scene.needs().rules(), m))
                        .orElse("");
            default -> "";
        };
    }

    private void beneath(Look theme) {
        String person =
                says(PagePart.PERSON, theme.flag("bandPerson")) ? scene.words().said(page, UsualFields.PERSON) : "";
        if (!person.isBlank()) {
            out.start("p", "under").text(person).end();
        }
        String date =
                says(PagePart.DATE, theme.flag("bandDate")) ? scene.words().words(page, UsualFields.DATE) : "";
        if (!date.isBlank()) {
            out.start("p", "under").start("time").attr("datetime", date);
            out.text(scene.words().inWords(DATE, Value.of(date))).end().end();
        }
        if (parts.shows(PagePart.TOPICS)) {
            TopicLinks.write(scene, page, out);
        }
        String summary = theme.flag("bandSummary") ? scene.words().words(page, UsualFields.SUMMARY) : "";
        if (!summary.isBlank()) {
            out.start("p", "text lead").text(summary).end();
        }
    }

    /** As the page, its kind or its template says; where none of them does, as the look has it. */
    private boolean says(PagePart part, boolean looks) {
        return parts.way(part).isEmpty() ? looks : parts.shows(part);
    }

    private void breadcrumb() {
        List<Page> above = view.edition().plan().ancestors(page.id()).stream()
                .map(view.edition()::page)
                .flatMap(Optional::stream)
                .filter(view::shows)
                .toList();
        if (above.isEmpty() || !scene.look().flag("breadcrumb")) {
            return;
        }
        out.start("nav", "crumbs")
                .attr("aria-label", scene.words().say(Phrase.BREADCRUMB))
                .start("ol");
        for (int i = above.size() - 1; i >= 0; i--) {
            out.start("li")
                    .start("a")
                    .attr("href", view.path(above.get(i)))
                    .text(above.get(i).menuLabel())
                    .end()
                    .end();
        }
        out.end().end();
    }
}
