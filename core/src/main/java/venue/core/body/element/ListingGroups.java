package venue.core.body.element;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Phrase;
import venue.core.body.listing.Held;
import venue.core.body.listing.Listed;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.UsualFields;

/** The entries of a listing in its layout: as one, or in groups under headings, with an index to jump by. */
final class ListingGroups {

    private static final int YEAR = 4;
    private static final int MONTH = 7;

    private final Props props;
    private final Scene scene;
    private final HtmlWriter out;

    ListingGroups(Props props, HtmlWriter out) {
        this.props = props;
        this.scene = props.scene();
        this.out = out;
    }

    void write(Listed listed) {
        int level = scene.headings().beneath();
        if (props.text("group").equals("none")) {
            entries(listed, listed.pages(), level);
            return;
        }
        Map<String, List<Page>> groups = most(grouped(listed.pages()));
        if (groups.keySet().equals(Set.of(scene.words().say(Phrase.OTHERS)))) {
            entries(listed, listed.pages(), level);
            return;
        }
        List<String> ids = new ArrayList<>();
        groups.keySet().forEach(g -> ids.add(scene.freshId()));
        if (props.flag("jump") && groups.size() > 1) {
            new ListingIndex(scene, props.text("group").equals("month"), out).write(groups, ids);
        }
        int at = 0;
        for (Map.Entry<String, List<Page>> group : groups.entrySet()) {
            out.start("section", "grouped").attr("aria-labelledby", ids.get(at));
            out.start("h" + level, "h z-medium group")
                    .attr("id", ids.get(at))
                    .text(label(group.getKey()))
                    .end();
            entries(listed, group.getValue(), Math.min(level + 1, DEEPEST));
            out.end();
            at++;
        }
    }

    private static final int DEEPEST = 6;

    /** The first of them, as many as the listing shows. */
    private Map<String, List<Page>> most(Map<String, List<Page>> groups) {
        int most = props.number("groups");
        return most == 0
                ? groups
                : groups.entrySet().stream()
                        .limit(most)
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, Map.Entry::getValue, (a, b) -> a, LinkedHashMap::new));
    }

    /** A group in words; a month is known by its ISO 8601 form. */
    private String label(String group) {
        return props.text("group").equals("month") && group.matches(ListingIndex.MONTH)
                ? Days.said(group + "-01", "month", scene)
                : group;
    }

    private void entries(Listed listed, List<Page> pages, int level) {
        ListingLayouts.of(props).write(props, listed, pages, level, out);
    }

    private Map<String, List<Page>> grouped(List<Page> pages) {
        // Letters stand in their own order, whatever the entries' is; months, years and the rest come as the entries
        // do.
        Map<String, List<Page>> groups = props.text("group").equals("letter") ? new TreeMap<>() : new LinkedHashMap<>();
        List<Page> others = new ArrayList<>();
        for (Page page : pages) {
            String name = name(page);
            if (name.isEmpty()) {
                others.add(page);
            } else {
                groups.computeIfAbsent(name, n -> new ArrayList<>()).add(page);
            }
        }
        Map<String, List<Page>> all = new LinkedHashMap<>(groups);
        if (!others.isEmpty()) {
            all.put(scene.words().say(Phrase.OTHERS), others);
        }
        return all;
    }

    private String name(Page page) {
        String date = scene.words().words(page, UsualFields.DATE);
        return switch (props.text("group")) {
            case "year" -> date.length() < YEAR ? "" : date.substring(0, YEAR);
            case "month" -> date.length() < MONTH ? "" : date.substring(0, MONTH);
            case "letter" -> first(page.title());
            default -> held(page);
        };
    }

    static String first(String title) {
        String plain = Letters.folded(title).strip();
        return plain.isEmpty()
                ? ""
                : plain.substring(0, plain.offsetByCodePoints(0, 1)).toUpperCase(Locale.ROOT);
    }

    private String held(Page page) {
        String key = props.text("groupBy");
        return scene.words()
                .field(page, key)
                .filter(v -> !Held.words(v).isEmpty())
                .flatMap(v -> scene.words()
                        .declared(page, key)
                        .map((Property p) -> scene.words().inWords(p, v)))
                .orElse("");
    }
}
