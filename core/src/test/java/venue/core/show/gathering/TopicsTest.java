package venue.core.show.gathering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.check.survey.Finding;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Element;
import venue.core.model.section.Section;

/** Topics: named by pages, found by name, merged. */
class TopicsTest {

    private static final Kind STORY = Kind.named(
            "story",
            "Story",
            "",
            List.of(Property.many("topics", "Topics", Property.of("one", "Topic", PropertyType.TOPIC))));

    private static Page of(String kind, String id, String title) {
        Page plain = Sites.page(id, null, 5, title, "<p><a href=\"page:looms\">Looms</a></p>");
        return Page.of(id, title, id, kind).withPlace(null, plain.position()).withZones(plain.zones());
    }

    private static Value naming(String... topics) {
        return new Value.Many(
                Stream.of(topics).map(t -> Map.of("one", Value.of(t))).toList());
    }

    private static Edition yard() {
        return Sites.small()
                .with(
                        List.of(
                                STORY,
                                of("topic", "looms", "Looms"),
                                of("topic", "loom", "Loom"),
                                of("topic", "glass", "Glass"),
                                of("story", "one", "One").withField("topics", naming("looms", "loom")),
                                of("story", "two", "Two").withField("topics", naming("loom", "glass")),
                                of("story", "three", "Three").withField("topics", naming("looms"))),
                        List.of());
    }

    private static List<String> topics(Edition site, String page) {
        return Topics.of(site, site.require(Page.class, page)).stream()
                .map(Page::id)
                .toList();
    }

    @Test
    void whatNamedTheOneNamesTheOtherOnceAndItsAddressLeadsThere() {
        Edition site = yard();
        Edition after = site.with(
                PageCommand.mergeTopic("looms", "loom")
                        .on(Sites.desk(site, site))
                        .put(),
                List.of("looms"));
        assertThat(topics(after, "one")).containsExactly("loom");
        assertThat(topics(after, "two")).containsExactly("loom", "glass");
        assertThat(topics(after, "three")).containsExactly("loom");
        assertThat(after.redirectFrom("/looms").orElseThrow().to()).isEqualTo(Link.toPage("loom"));
        assertThat(after.inbound().pagesTo("looms"))
                .as("links in words follow too")
                .isEmpty();
        assertThat(Topics.sharing(after, after.require(Page.class, "one")).map(Page::id))
                .containsExactlyInAnyOrder("one", "two", "three");
    }

    @Test
    void whatIsNoTopicIsNeitherMergedNorNamed() {
        Edition site = yard();
        assertThatThrownBy(() -> Sites.after(site, PageCommand.mergeTopic("looms", "looms")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("itself");
        assertThatThrownBy(() -> Sites.after(site, PageCommand.mergeTopic("looms", "weaving")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("is no topic");
        assertThatThrownBy(
                        () -> Sites.after(site, ValueCommand.setValue("one", null, null, "topics", naming("weaving"))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("“Weaving” is no topic");
    }

    /** What stands beneath a page that lists it is led to, also where the list is somewhere else. */
    @Test
    void pagesThatAListingGathersByTheirPlaceAreNoOrphans() {
        Edition site = Sites.small().with(List.of(Sites.page("dye", "weaving", 9, "Dye", "")), List.of());
        assertThat(orphans(site)).contains("dye");
        for (Map<String, Value> props : List.of(
                Map.of("source", Value.of("children")),
                Map.of("source", Value.of("beneath"), "branch", Value.of("weaving")))) {
            String on = props.containsKey("branch") ? "home" : "weaving";
            Section list = Section.empty("l", "List", List.of(12));
            Section filled = list.withColumns(
                    List.of(list.columns().get(0).withElements(List.of(new Element("e1", "listing", props)))));
            Page holder = site.require(Page.class, on);
            Edition after = site.with(List.of(holder.withZones(holder.zones().insert("main", 0, filled))), List.of());
            assertThat(orphans(after)).doesNotContain("dye");
        }
    }

    private static List<String> orphans(Edition site) {
        return Survey.ofReleased(site).all().stream()
                .filter(f -> f.rule().equals("orphan"))
                .map(Finding::item)
                .toList();
    }

    @Test
    void theSurveyTellsTwinsAndThoseThatOnePageNames() {
        Edition site = yard();
        List<Finding> found = Survey.ofReleased(site).all();
        assertThat(found)
                .filteredOn(f -> f.rule().equals("topic-twins"))
                .extracting(Finding::item)
                .containsExactlyInAnyOrder("looms", "loom");
        Edition alone = site.with(
                List.of(of("topic", "dye", "Dye"), of("story", "four", "Four").withField("topics", naming("dye"))),
                List.of());
        assertThat(Survey.ofReleased(alone).all())
                .filteredOn(f -> f.rule().equals("topic-used-once"))
                .extracting(Finding::item)
                .contains("dye")
                .doesNotContain("loom");
    }
}
