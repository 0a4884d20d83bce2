package venue.core.element;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.number;
import static venue.core.property.Property.of;
import static venue.core.property.PropertyType.YES_NO;

import java.util.List;
import java.util.Optional;
import venue.core.html.HtmlWriter;
import venue.core.media.Media;
import venue.core.page.Page;
import venue.core.property.Property;
import venue.core.property.PropertyType;
import venue.core.property.UsualFields;
import venue.core.value.Value;

/** Pages of one kind, shown by themselves as they come and go. */
final class ListingElement extends DeclaredKind {

    /** The fields that a card has a place for of its own. */
    private static final Property DATE = Property.of("date", "Date", PropertyType.DATE_TIME);

    ListingElement() {
        super(
                "listing",
                "Listing",
                "Pages or entries of one kind, kept up by itself",
                of("kind", "Of the kind", PropertyType.KIND),
                choice("which", "Which", "all=All", "coming=Those to come", "past=Those past"),
                choice(
                        "order",
                        "Order",
                        "newest=Newest first",
                        "soonest=Soonest first",
                        "plan=As in the plan, or the table",
                        "title=By title"),
                number("limit", "At most", 1, 100, 6, ""),
                choice("shape", "Shape", "cards=Cards side by side", "rows=Rows", "people=Portraits"),
                of("pictures", "Pictures", YES_NO).fallback(Value.of(true)),
                of("dates", "Dates", YES_NO).fallback(Value.of(true)),
                of("summaries", "Summaries", YES_NO).fallback(Value.of(true)),
                of("facts", "Facts", YES_NO)
                        .fallback(Value.of(true))
                        .help("The fields that the kind shows in listings."));
    }

    @Override
    public List<String> summary() {
        return List.of("kind", "which", "order", "limit");
    }

    @Override
    public boolean hasSomething(Props props) {
        return !pages(props).isEmpty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        int level = props.scene().headings().beneath();
        out.start("ul", "listing " + props.text("shape"));
        for (Page page : pages(props)) {
            card(props, page, level, out);
        }
        out.end();
    }

    private static List<Page> pages(Props props) {
        return props.scene()
                .pages(new ListingQuery(
                        props.text("kind"), props.text("which"), props.text("order"), props.number("limit")));
    }

    private static void card(Props props, Page page, int level, HtmlWriter out) {
        Scene scene = props.scene();
        Optional<Media> picture = props.flag("pictures") ? scene.media(scene.words(page, "picture")) : Optional.empty();
        boolean waits = props.flag("pictures") && scene.prompt(page, "picture").isPresent();
        out.start("li", picture.isPresent() || waits ? "card pictured" : "card");
        if (waits) {
            out.start("div", "to-fill-picture").end();
        }
        picture.ifPresent(m -> Pictures.write(scene, m, scene.alt(m), share(props), out));
        if (picture.isEmpty()
                && !waits
                && props.flag("pictures")
                && props.text("shape").equals("people")) {
            Tiles.initial(page.title(), out);
        }
        out.start("div", "words");
        String date = scene.words(page, UsualFields.DATE);
        if (props.flag("dates") && !date.isEmpty()) {
            out.start("time")
                    .attr("datetime", date)
                    .text(scene.inWords(DATE, Value.of(date)))
                    .end();
        }
        out.start("h" + level, "h z-medium");
        String address = scene.address(page);
        if (address.isEmpty()) {
            out.text(page.title());
        } else {
            out.start("a").attr("href", address).text(page.title()).end();
        }
        out.end();
        if (props.flag("summaries")) {
            summary(scene, page, out);
        }
        if (props.flag("facts")) {
            FactsElement.list(scene, page, f -> !UsualFields.IN_LISTINGS.contains(f.key()), out);
        }
        out.end().end();
    }

    /** The share of the page that a picture takes, of the column at hand. */
    private static int share(Props props) {
        return Math.min(
                props.text("shape").equals("cards") ? 4 : 3, props.scene().span());
    }

    private static void summary(Scene scene, Page page, HtmlWriter out) {
        String summary = scene.words(page, UsualFields.SUMMARY);
        if (!summary.isEmpty()) {
            out.element("p", summary);
        }
        scene.prompt(page, UsualFields.SUMMARY).ifPresent(prompt -> {
            out.start("p").start("mark", "to-fill").text(prompt);
            out.end().end();
        });
    }
}
