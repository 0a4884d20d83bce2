package venue.core.render;

import java.util.List;
import java.util.Optional;
import venue.core.edition.TitleBand;
import venue.core.element.Pictures;
import venue.core.html.HtmlWriter;
import venue.core.media.Media;
import venue.core.page.Page;
import venue.core.property.Property;
import venue.core.property.PropertyType;
import venue.core.property.UsualFields;
import venue.core.text.Phrase;
import venue.core.theme.Look;
import venue.core.value.Value;

/** Writes the title band: breadcrumb, title, and what the look says beneath it. */
final class Band {

    private static final Property DATE = Property.of(UsualFields.DATE, "Date", PropertyType.DATE_TIME);

    private final View view;
    private final Page page;
    private final PageScene scene;
    private final HtmlWriter out;

    Band(View view, Page page, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.page = page;
        this.scene = scene;
        this.out = out;
    }

    void write(TitleBand band) {
        Optional<Media> picture = band == TitleBand.PICTURE
                ? scene.media(view.edition().words(page, UsualFields.PICTURE))
                : Optional.empty();
        String tone = picture.isPresent() ? "deep" : scene.look().text("bandTone");
        out.start("div", picture.isPresent() ? "band pictured v4 t-" + tone : "band t-" + tone);
        picture.ifPresent(m -> {
            out.start("div", "back");
            Pictures.write(scene, m, "", Pictures.BAND, out);
            out.end();
        });
        out.start("div", "in");
        breadcrumb();
        if (view.isMarked()) {
            out.mark("data-s", "title");
        }
        out.element("h1", page.title());
        beneath(scene.look());
        out.end().end();
    }

    private void beneath(Look theme) {
        String date = theme.flag("bandDate") ? scene.words(page, UsualFields.DATE) : "";
        if (!date.isBlank()) {
            out.start("p", "under").start("time").attr("datetime", date);
            out.text(scene.inWords(DATE, Value.of(date))).end().end();
        }
        String summary = theme.flag("bandSummary") ? scene.words(page, UsualFields.SUMMARY) : "";
        if (!summary.isBlank()) {
            out.start("p", "text lead").text(summary).end();
        }
    }

    private void breadcrumb() {
        List<Page> above = view.edition().plan().ancestors(page.id()).stream()
                .map(view.edition()::page)
                .flatMap(Optional::stream)
                .toList();
        if (above.isEmpty() || !scene.look().flag("breadcrumb")) {
            return;
        }
        out.start("nav", "crumbs")
                .attr("aria-label", scene.say(Phrase.BREADCRUMB))
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
