package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.model.property.PropertyType;

/** The contents of the site: its pages as the plan has them, or by letter, kind or month. */
final class SiteIndexElement extends DeclaredKind {

    SiteIndexElement() {
        super(
                "site-index",
                "Contents of the site",
                "The site’s pages as lists that lead to them, kept up by itself",
                many("branches", "Branches", of("page", "Page", PropertyType.PAGE))
                        .help("The pages whose branches are shown; none: the whole site."),
                many("kinds", "Only of the kinds", of("kind", "Kind", PropertyType.KIND)),
                number("depth", "How deep", 1, 6, 2, "").help("1: only the first level."),
                choice(
                        "group",
                        "Grouped",
                        "plan=As the plan stands",
                        "letter=By first letter",
                        "kind=By kind",
                        "month=By month"),
                number("most", "Of each, at most", 0, 200, 0, "")
                        .help(
                                "0: all. By kind the latest come first; as the plan stands, the first beneath each page."),
                number("months", "Months, at most", 1, 240, 12, "").onlyWhen("group=month"),
                of("counts", "How many", PropertyType.YES_NO).fallback(Value.of(true)),
                many("except", "Left out by name", of("page", "Page", PropertyType.PAGE))
                        .help("With all that stands beneath."));
    }

    @Override
    public List<String> inPlace() {
        return List.of();
    }

    @Override
    public List<String> summary() {
        return List.of("group", "depth");
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return !new SiteIndex(props).level().isEmpty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        SiteIndex index = new SiteIndex(props);
        if (props.text("group").equals("plan")) {
            new SiteIndexTree(props, index, out).write();
        } else {
            new SiteIndexGroups(props, index.all(), out).write();
        }
    }
}
