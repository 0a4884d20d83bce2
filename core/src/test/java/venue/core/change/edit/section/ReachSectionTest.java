package venue.core.change.edit.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.check.survey.Finding;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.edition.SectionPlace;
import venue.core.edition.edition.SectionPlace.Reach;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;
import venue.core.model.template.Template;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

class ReachSectionTest {

    private static final Instant NOW = Instant.parse("2026-11-23T12:00:00Z");
    private static final List<String> PAGES = List.of("home", "workshops", "weaving");
    private static final String WORDS = "Looms</p>";

    private final Edition site = Sites.small();

    private static String html(Edition site, String page) {
        View view = View.of(site, NOW, "http://loomgate.localhost", View.Mode.VISITOR);
        return PageRenderer.render(view, site.require(Page.class, page)).html();
    }

    private static int times(Edition site, String page, String words) {
        return html(site, page).split(words, -1).length - 1;
    }

    private static SharedSection shared(Edition site) {
        return site.all(SharedSection.class).findFirst().orElseThrow();
    }

    private static Edition shareWeaving(Edition site) {
        Edition shared = Sites.after(site, new ReachSection("weaving", "weaving-s1", Reach.SHARED));
        return Sites.after(
                shared,
                new PlaceSection(
                        "home", "main", 0, "again", null, shared(shared).id(), List.of()));
    }

    private static void refused(String code, Edition site, Command command) {
        assertThatThrownBy(() -> Sites.after(site, command))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
    }

    /** The page's own section with the words that are followed, wherever it stands by now. */
    private static String idOf(Edition site, String page) {
        Page on = site.require(Page.class, page);
        Stream<String> ids = Stream.of(
                        on.zones().all().map(Section::id),
                        site.worn(on).template().body().all().map(Section::id),
                        site.site().foot().stream())
                .flatMap(s -> s);
        return ids.filter(id -> SectionPlace.find(site, on, id)
                        .filter(p -> p.content().toString().contains("Looms"))
                        .isPresent())
                .findFirst()
                .orElse("none");
    }

    @Property(tries = 60)
    void howeverFarItReachesItStandsOnThePageAtHandAsBefore(@ForAll Random chance) {
        Edition now = site;
        for (int i = 0; i < 12; i++) {
            String page = PAGES.get(chance.nextInt(PAGES.size()));
            Reach to = Reach.values()[chance.nextInt(Reach.values().length)];
            int before = times(now, page, WORDS);
            try {
                now = Sites.after(now, new ReachSection(page, idOf(now, page), to));
                assertThat(times(now, page, WORDS))
                        .as("on " + page + " as " + to)
                        .isEqualTo(before);
            } catch (Refusal refusal) {
                assertThat(refusal.code()).isIn("reaches-so-far", "unknown-section");
            }
            Edition held = now;
            assertThat(now.all(SharedSection.class))
                    .as("shared sections that nothing shows")
                    .allMatch(s -> held.site().foot().contains(s.id())
                            || !held.inbound().sharing(s.id()).isEmpty());
        }
    }

    @Test
    void aSharedSectionIsTheSameOnAllItsPages() {
        Edition shared = shareWeaving(site);
        assertThat(html(shared, "weaving")).isEqualTo(html(site, "weaving"));
        SharedSection section = shared(shared);
        Edition written = Sites.after(
                shared,
                ValueCommand.setValue(
                        section.id(), section.section().id(), "e2", "text", Value.of("<p>Eleven looms</p>")));
        assertThat(PAGES.stream().map(p -> times(written, p, "Eleven looms"))).containsExactly(1, 0, 1);
        assertThat(written.require(Page.class, "weaving")).isSameAs(shared.require(Page.class, "weaving"));
        assertThat(written.inbound().sharing(section.id())).containsExactlyInAnyOrder("home", "weaving");
    }

    @Test
    void onesOwnCopyLeavesTheOthersAndTheLastOneTakesTheSharedSectionAlong() {
        Edition own = Sites.after(shareWeaving(site), new ReachSection("home", "again", Reach.HERE));
        assertThat(own.all(SharedSection.class)).hasSize(1);
        assertThat(times(own, "home", WORDS)).isEqualTo(1);
        Edition both = Sites.after(own, new ReachSection("weaving", "weaving-s1", Reach.HERE));
        assertThat(both.all(SharedSection.class)).isEmpty();
        assertThat(both.require(Page.class, "weaving").body().all().map(Section::columns))
                .containsExactlyElementsOf(site.require(Page.class, "weaving")
                        .body()
                        .all()
                        .map(Section::columns)
                        .toList());
    }

    @Test
    void aFixedSectionShowsOnEveryPageWearingTheTemplateAndGoesBackAsSharedToAllOfThem() {
        Edition fixed = Sites.after(site, new ReachSection("weaving", "weaving-s1", Reach.TEMPLATE));
        assertThat(PAGES.stream().map(p -> times(fixed, p, WORDS))).containsExactly(1, 1, 1);
        Template plain = fixed.worn(fixed.require(Page.class, "weaving")).template();
        String id = plain.zones().get(0).fixed().get(0).id();
        Edition shared = Sites.after(fixed, new ReachSection("home", id, Reach.SHARED));
        assertThat(PAGES.stream().map(p -> times(shared, p, WORDS))).containsExactly(1, 1, 1);
        Edition off = Sites.after(shared, new RemoveSection("workshops", idOf(shared, "workshops")));
        assertThat(PAGES.stream().map(p -> times(off, p, WORDS))).containsExactly(1, 0, 1);
    }

    @Test
    void whatWillHappenIsToldWithItsNumbers() {
        Edition shared = shareWeaving(site);
        assertThat(ReachEffect.of(shared, shared.require(Page.class, "home"), "again"))
                .extracting(ReachEffect::says)
                .containsExactly(
                        "This page gets a copy of its own; 1 other page keeps sharing it.",
                        "It shows at once on all 3 pages wearing Plain, before their own sections.",
                        "It shows at once above the footer of all 3 pages.");
    }

    @Test
    void whatStandsElsewhereIsNotWrittenHere() {
        Edition shared = shareWeaving(site);
        String id = shared(shared).id();
        refused("section-is-shared", shared, ValueCommand.setValue("home", "again", null, "tone", Value.of("deep")));
        refused(
                "one-section",
                shared,
                new RemoveSection(id, shared(shared).section().id()));
        refused(
                "one-section",
                shared,
                new CopySection(id, shared(shared).section().id(), "twice"));
        refused("unknown-section", shared, new ReachSection("home", "nope", Reach.HERE));
        refused("reaches-so-far", shared, new ReachSection("home", "again", Reach.SHARED));
    }

    @Test
    void findingsOfASharedSectionAreToldOnce() {
        Edition shared = shareWeaving(site);
        SharedSection section = shared(shared);
        Edition broken = Sites.after(
                shared,
                ValueCommand.setValue(
                        section.id(),
                        section.section().id(),
                        "e2",
                        "text",
                        Value.of("<p><a href=\"/nowhere\">there</a></p>")));
        assertThat(Survey.ofReleased(broken).all().stream().filter(f -> f.rule().equals("broken-link")))
                .singleElement()
                .extracting(Finding::item)
                .isEqualTo("home");
    }

    @Test
    void aPageIsReleasedWithTheSharedSectionItShows() {
        Edition shared = shareWeaving(site);
        ReleasePlan plan = ReleasePlan.of(site, shared);
        assertThat(plan.entries())
                .filteredOn(e -> e.item().equals("home"))
                .singleElement()
                .extracting(ReleaseEntry::needs)
                .isEqualTo(List.of(shared(shared).id()));
        ReleasePlan away = ReleasePlan.of(
                shared,
                Sites.after(
                        Sites.after(shared, new RemoveSection("home", "again")),
                        new ReachSection("weaving", "weaving-s1", Reach.HERE)));
        assertThat(away.entries())
                .filteredOn(e -> e.sort() == ItemSort.SHARED)
                .singleElement()
                .satisfies(e -> assertThat(e.needs()).containsExactlyInAnyOrder("home", "weaving"));
    }

    @Test
    void aZoneTakesOnlyWhatItSaysAndTheRestWaitsOnTheShelf() {
        Edition side = Sites.after(site, PageCommand.chooseTemplate(List.of("weaving"), "side-column"));
        PlaceElement table = new PlaceElement("weaving", "weaving-s1", "c1", 0, "t", "table", Map.of());
        Edition tabled = Sites.after(side, table);
        refused("zone-refuses", tabled, new MoveSection("weaving", "weaving-s1", "side", 0));
        Edition moved = Sites.after(side, new MoveSection("weaving", "weaving-s1", "side", 0));
        refused("zone-refuses", moved, table);
        refused("zone-refuses", side, new PlaceSection("weaving", "side", 0, "x", "ready-film-words", null, List.of()));
        assertThat(moved.require(Page.class, "weaving").zones().in("side")).hasSize(1);
    }
}
