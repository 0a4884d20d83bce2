package venue.demo;

import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.links;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;
import static venue.core.carry.compose.Compose.toned;

import java.util.List;
import venue.core.basics.value.Value;
import venue.core.model.section.SharedSection;

/** Sections that stand on several pages of the demo, or on all. */
final class SharedSections {

    /** Beside the pages for visitors. */
    static final SharedSection PLAN_YOUR_VISIT = new SharedSection(
            "plan-your-visit",
            section(
                    "s1",
                    "Plan your visit",
                    heading("Plan your visit").with("size", "medium"),
                    links(
                            "Opening times|page:opening-times",
                            "Getting here|page:getting-here",
                            "Accessibility|page:accessibility",
                            "Groups and school parties|page:groups")));

    /** Above the footer of every page. */
    static final SharedSection DARK_ROAD = new SharedSection(
            "dark-road",
            toned(
                            "tinted",
                            section(
                                    "s1",
                                    "Dark road",
                                    text("<p>Keep the moor dark: dip your lights at the cattle grid. Our neighbours are"
                                            + " asleep, and our visitors are awake.</p>")))
                    .with("space", Value.of("small"))
                    .with("align", Value.of("centre")));

    /** One with the footer of every page but the home page. */
    static final SharedSection SUBSCRIBE = new SharedSection(
            "subscribe",
            columns(
                            "s1",
                            "Letters from the moor",
                            column(
                                    4,
                                    heading("Letters from the moor").with("size", "medium"),
                                    text("<p>Once a month: what was up, what is coming, and who fixed the roof.</p>")),
                            column(8, part("form").with("form", DemoForms.LETTERS)))
                    .with("tone", Value.of("deep"))
                    .with("space", Value.of("small"))
                    .with("onPages", Value.of("others")));

    private SharedSections() {}

    static List<SharedSection> all() {
        return List.of(PLAN_YOUR_VISIT, DARK_ROAD, SUBSCRIBE);
    }
}
