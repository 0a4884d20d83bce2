package venue.core.body.element;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Scene;
import venue.core.model.page.Page;

/** The groups of a listing, to jump by, with how many each has. Months stand behind their years. */
final class ListingIndex {

    /** A month, ISO 8601. */
    static final String MONTH = "\\d{4}-\\d{2}";

    private static final int YEAR = 4;

    private final Scene scene;
    private final boolean months;
    private final HtmlWriter out;

    ListingIndex(Scene scene, boolean months, HtmlWriter out) {
        this.scene = scene;
        this.months = months;
        this.out = out;
    }

    /** @param ids of the groups' headings, in their order */
    void write(Map<String, List<Page>> groups, List<String> ids) {
        out.start("ul", months ? "jump years" : "jump");
        String year = "";
        int at = 0;
        for (Map.Entry<String, List<Page>> group : groups.entrySet()) {
            String words = group.getKey();
            if (months && words.matches(MONTH)) {
                if (!words.startsWith(year) || year.isEmpty()) {
                    year = words.substring(0, YEAR);
                    out.start("li", "year").text(year).end();
                }
                words = DateTimeFormatter.ofPattern(
                                "LLLL", Locale.forLanguageTag(scene.words().language()))
                        .format(LocalDate.parse(words + "-01"));
            }
            out.start("li")
                    .start("a")
                    .attr("href", "#" + ids.get(at))
                    .text(words)
                    .end();
            out.text(" ")
                    .element("small", String.valueOf(group.getValue().size()))
                    .end();
            at++;
        }
        out.end();
    }
}
