package venue.core.element;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.number;
import static venue.core.property.Property.of;
import static venue.core.property.PropertyType.YES_NO;

import java.util.List;
import venue.core.html.HtmlWriter;
import venue.core.page.Page;
import venue.core.property.PropertyType;
import venue.core.value.Value;

/** Pages of one kind, shown by themselves as they come and go. */
final class ListingElement extends DeclaredKind {

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
                choice(
                        "shape",
                        "Shape",
                        "cards=Cards side by side",
                        "rows=Rows",
                        "agenda=An agenda",
                        "posters=Pictures with words on them",
                        "people=Portraits"),
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
        return props.scene().showsMarks() || !pages(props).isEmpty();
    }

    /** Where there is nothing to list visitors find nothing; managers are told so, or the section would seem to be lost. */
    @Override
    public void render(Props props, HtmlWriter out) {
        List<Page> pages = pages(props);
        if (pages.isEmpty()) {
            out.start("p").start("mark", "to-fill").text("Nothing to list yet; visitors don’t see this");
            out.end().end();
            return;
        }
        int level = props.scene().headings().beneath();
        ListingCard card = new ListingCard(props, out);
        out.start("ul", "listing " + props.text("shape"));
        for (Page page : pages) {
            card.write(page, level);
        }
        out.end();
    }

    private static List<Page> pages(Props props) {
        return props.scene()
                .pages(new ListingQuery(
                        props.text("kind"), props.text("which"), props.text("order"), props.number("limit")));
    }
}
