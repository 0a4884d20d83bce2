package venue.demo;

import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.lead;
import static venue.core.carry.compose.Compose.listing;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import venue.core.basics.value.Value;

/** The news, and the topics that they are about. */
final class DemoNews {

    /** The topics of the news, in the same order. */
    private static final String[][] ABOUT = {
        {"topic-house", "topic-mirrors"},
        {"topic-comets"},
        {"topic-dark-skies"},
        {"topic-house"},
        {"topic-house", "topic-comets"},
        {"topic-schools"},
        {"topic-mirrors", "topic-schools"},
        {"topic-dark-skies", "topic-schools"}
    };

    private static final String[] WRITERS = {"maja-page", "idris-page", "sian-page", "maja-page", "wren-page"};

    private static final String[][] TOPICS = {
        {"topic-comets", "Comets", "Visitors that stay for a season and are talked about for years."},
        {
            "topic-dark-skies",
            "Dark skies",
            "Lamps that shine down, lamps that are out, and what it does to the count of stars."
        },
        {"topic-house", "The house", "Roof, steps, floors: what keeps the rain off the mirrors."},
        {"topic-mirrors", "Mirrors", "Silver, aluminium, and the patience between them."},
        {"topic-schools", "Schools", "Classes who come by coach and leave with questions."}
    };

    private static final String[][] NEWS = {
        {
            "The roof rolls again",
            "After eleven weeks of scaffolding, forty volunteers and one patient crane driver, the roll-off roof is moving as it did in 1974."
        },
        {
            "A comet in the net",
            "The Żurek seeker caught a faint visitor two nights running. It will not be bright, but it is ours to watch."
        },
        {
            "Darker by order",
            "The parish has agreed to shield every lamp on the moor road. We measured the sky before; we will measure it again."
        },
        {"New steps for the dome", "Broader, with a rail on both sides, and painted red where eyes need it."},
        {
            "The night books are home",
            "Wren has all of them back from the binder: a hundred and thirty years of weather and wonder."
        },
        {
            "Schools’ week, by the numbers",
            "Nine hundred children, one lost glove, and a question about time that we are still answering."
        },
        {
            "A mirror gets its silver back",
            "The great Hulme mirror came home in a horsebox, freshly coated and wrapped like a cake."
        },
        {"Tea, and who makes it", "Three urns, two shifts and a rota that has never failed."}
    };

    private DemoNews() {}

    static List<PageDraft> all(LocalDate today) {
        List<PageDraft> pages = new ArrayList<>();
        pages.add(new PageDraft("news", "landing-page", "News")
                .wearing("listing")
                .shown("What happened on the moor, newest first.", "trails")
                .led("What happened on the moor, newest first.")
                .section(section(
                        "s2",
                        "All",
                        listing("article", "all", "newest", 12, "rows")
                                .with("feed", Value.of(true))
                                .with("comments", Value.of(true))))
                .section(section(
                        "s3",
                        "Said last",
                        heading("Said last"),
                        part("latest-comments").with("most", Value.of(3L)))));
        pages.addAll(topics());
        String[] pictures = {"trails-two", "field", "moon", "trails", "field-two", "moon", "instrument-4", "field"};
        for (int i = 0; i < NEWS.length; i++) {
            pages.add(
                    new PageDraft("article-" + (i + 1), "article", NEWS[i][0])
                            .beneath("news")
                            .shown(NEWS[i][1], pictures[i])
                            .field("person", WRITERS[i % WRITERS.length])
                            .about(ABOUT[i % ABOUT.length])
                            .field("date", today.minusDays(9L + 41L * i).toString())
                            .section(
                                    section(
                                            "s1",
                                            "Words",
                                            lead(Value.of(NEWS[i][1])),
                                            text(
                                                    "<p>The full story is told every Friday in the visitor room, by whoever was there. Come and ask; or read the <a href=\"page:open-nights\">coming nights</a> and choose one.</p><p>With thanks to everyone who held a ladder, a lamp or their tongue at the right moment.</p>"))));
        }
        return pages;
    }

    private static List<PageDraft> topics() {
        List<PageDraft> pages = new ArrayList<>();
        pages.add(new PageDraft("topics", "landing-page", "Topics")
                .beneath("news")
                .wearing("listing")
                .shown("What we keep coming back to.", "field")
                .led("What we keep coming back to.")
                .section(section(
                        "s2",
                        "All",
                        listing("topic", "all", "title", 100, "compact").with("counted", Value.of(true)))));
        for (String[] topic : TOPICS) {
            pages.add(
                    new PageDraft(topic[0], "topic", topic[1]).beneath("topics").shown(topic[2], null));
        }
        return pages;
    }
}
