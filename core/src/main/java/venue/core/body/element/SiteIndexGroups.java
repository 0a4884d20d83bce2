package venue.core.body.element;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Letters;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.page.Page;
import venue.core.model.property.UsualFields;

/** The contents of the site in groups under headings: by letter, by kind with the latest first, or by month. */
final class SiteIndexGroups {

    private static final int DEEPEST = 6;

    private final Props props;
    private final Scene scene;
    private final List<Page> pages;
    private final HtmlWriter out;
    private final String by;

    SiteIndexGroups(Props props, List<Page> pages, HtmlWriter out) {
        this.props = props;
        scene = props.scene();
        this.pages = pages;
        this.out = out;
        by = props.text("group");
    }

    private Map<String, List<Page>> groups() {
        Map<String, List<Page>> groups = new TreeMap<>(
                by.equals("month")
                        ? Comparator.<String>reverseOrder()
                        : Letters.order(scene.words().language()));
        pages.stream()
                .filter(p -> !key(p).isEmpty())
                .forEach(p ->
                        groups.computeIfAbsent(key(p), k -> new ArrayList<>()).add(p));
        return groups;
    }

    void write() {
        int level = Math.min(scene.headings().beneath(), DEEPEST);
        out.start("div", "site-index grouped-" + by);
        groups().entrySet().stream()
                .limit(by.equals("month") ? props.number("months") : Long.MAX_VALUE)
                .forEach(g -> group(g.getKey(), g.getValue(), level));
        out.end();
    }

    private String key(Page page) {
        return switch (by) {
            case "letter" -> ListingGroups.first(page.title());
            case "kind" -> scene.links().pages().kindName(page);
            default -> date(page).replaceFirst("^(\\d{4}-\\d{2}).*", "$1");
        };
    }

    private String date(Page page) {
        return scene.words().words(page, UsualFields.DATE);
    }

    private void group(String key, List<Page> all, int level) {
        int most = props.number("most");
        Comparator<Page> byTitle =
                Comparator.comparing(Page::title, Letters.order(scene.words().language()));
        List<Page> shown = all.stream()
                .sorted(
                        by.equals("letter")
                                ? byTitle
                                : Comparator.comparing(this::date).reversed().thenComparing(byTitle))
                .limit(most == 0 ? Long.MAX_VALUE : most)
                .toList();
        out.start("section").start("h" + level, "h z-medium");
        out.text(by.equals("month") ? Days.said(key + "-01", "month", scene) : key);
        if (props.flag("counts")) {
            SiteIndex.counted(scene, all.size(), out);
        }
        out.end().start("ul");
        for (Page page : shown) {
            out.start("li");
            ListingCard.title(scene, page, out);
            out.end();
        }
        out.end().end();
    }
}
