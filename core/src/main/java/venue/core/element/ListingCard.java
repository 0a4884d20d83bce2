package venue.core.element;

import java.util.Optional;
import venue.core.html.HtmlWriter;
import venue.core.media.Media;
import venue.core.page.Page;
import venue.core.property.Property;
import venue.core.property.PropertyType;
import venue.core.property.UsualFields;
import venue.core.value.Value;

/** One page in a listing: its picture, day, title, summary and facts, as far as the listing shows them. */
final class ListingCard {

    private static final Property DATE = Property.of("date", "Date", PropertyType.DATE_TIME);

    private final Props props;
    private final Scene scene;
    private final HtmlWriter out;
    private final String shape;

    ListingCard(Props props, HtmlWriter out) {
        this.props = props;
        this.out = out;
        scene = props.scene();
        shape = props.text("shape");
    }

    /** @param level of the heading that its title is */
    void write(Page page, int level) {
        boolean agenda = shape.equals("agenda");
        boolean pictures = props.flag("pictures") && !agenda;
        Optional<Media> picture = pictures ? scene.media(scene.words(page, "picture")) : Optional.empty();
        boolean waits = pictures && scene.prompt(page, "picture").isPresent();
        String date = props.flag("dates") ? scene.words(page, UsualFields.DATE) : "";
        out.start("li", picture.isPresent() || waits ? "card pictured" : "card");
        if (agenda) {
            AgendaDay.write(scene, date, out);
        } else if (pictures) {
            picture(page, picture, waits);
        }
        out.start("div", "words");
        if (!agenda && !date.isEmpty()) {
            out.start("time")
                    .attr("datetime", date)
                    .text(scene.inWords(DATE, Value.of(date)))
                    .end();
        }
        title(page, level);
        if (props.flag("summaries")) {
            summary(page);
        }
        if (agenda) {
            out.end();
            facts(page);
        } else {
            facts(page);
            out.end();
        }
        out.end();
    }

    private void picture(Page page, Optional<Media> picture, boolean waits) {
        if (waits) {
            out.start("div", "to-fill-picture").end();
        } else if (picture.isPresent()) {
            Pictures.write(scene, picture.get(), scene.alt(picture.get()), share(), out);
        } else if (shape.equals("people")) {
            Tiles.initial(page.title(), out);
        }
    }

    private void title(Page page, int level) {
        out.start("h" + level, "h z-medium");
        String address = scene.address(page);
        if (address.isEmpty()) {
            out.text(page.title());
        } else {
            out.start("a").attr("href", address).text(page.title()).end();
        }
        out.end();
    }

    private void summary(Page page) {
        String summary = scene.words(page, UsualFields.SUMMARY);
        if (!summary.isEmpty()) {
            out.element("p", summary);
        }
        scene.prompt(page, UsualFields.SUMMARY).ifPresent(prompt -> {
            out.start("p").start("mark", "to-fill").text(prompt);
            out.end().end();
        });
    }

    private void facts(Page page) {
        if (props.flag("facts")) {
            FactsElement.list(scene, page, f -> !UsualFields.IN_LISTINGS.contains(f.key()), "facts", out);
        }
    }

    /** The share of the page that a picture takes, of the column at hand. */
    private int share() {
        return Math.min(shape.equals("cards") || shape.equals("posters") ? 4 : 3, scene.span());
    }
}
