package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.drawn.Sketch;
import venue.core.body.listing.GatheredAt;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** The contents of the site: its pages as the plan has them, or by letter, kind or month. */
final class SiteIndexElement extends DeclaredKind {

    private static final int USUAL_DEPTH = 2;

    SiteIndexElement() {
        super(
                "site-index",
                "Contents of the site",
                "The site’s pages as lists that lead to them, kept up by itself",
                many("branches", "Branches", of("page", "Page", PropertyType.PAGE))
                        .help("The pages whose branches are shown; none: the whole site."),
                many("kinds", "Only of the kinds", of("kind", "Kind", PropertyType.KIND)),
                number("depth", "How deep", 1, GatheredAt.DEEPEST, USUAL_DEPTH, "")
                        .help("1: only the first level."),
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
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.INDEX;
    }

    /** So many levels of it by themselves; of some kinds alone, it is told by those. */
    @Override
    public Stream<String> gathers(Map<String, Value> props) {
        if (props.get("kinds") instanceof Value.Many kinds && !kinds.groups().isEmpty()) {
            return Stream.empty();
        }
        int depth = props.get("depth") instanceof Value.Num num ? num.number().intValue() : USUAL_DEPTH;
        List<String> branches = props.get("branches") instanceof Value.Many many
                ? many.groups().stream().map(g -> Values.text(g, "page")).toList()
                : List.of();
        return branches.isEmpty()
                ? Stream.of(GatheredAt.within("", depth))
                : branches.stream().map(b -> GatheredAt.within(b, depth - 1));
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
    public boolean isOwn(Map<String, Value> props) {
        return false;
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
