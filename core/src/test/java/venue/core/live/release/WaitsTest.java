package venue.core.live.release;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

class WaitsTest {

    private static final PersonId ANA = new PersonId("ana");
    private static final PersonId BO = new PersonId("bo");

    private final Edition live = Edition.of(Sites.items(
            Sites.page("home", null, 1, "Home", "<p>Come in</p>"),
            Sites.page("a", "home", 2, "Apples", "<p>a</p>"),
            Sites.page("b", "home", 3, "Birds", "<p>b</p>"),
            Sites.page("c", "home", 4, "Clouds", "<p>c</p>"),
            Sites.page("d", null, 5, "Doors", "<p>d</p>")));

    private static Hash hash(Edition edition, String id) {
        return edition.find(id).map(i -> Hash.over(i.toString())).orElse(Hash.NONE);
    }

    private List<WaitingChange> told(Edition working, Map<String, Trace> traces) {
        Waits waits = Waits.NOTHING.after(live, working, traces, Set.of(), id -> hash(working, id));
        List<WaitingChange> told =
                WaitingChanges.of(ReleasePlan.of(live, working), waits, group -> "bring in " + group);
        assertThat(told).as("counted as they are told").hasSize(waits.size());
        assertThat(waits.changesOf(traces.keySet())).isEqualTo(told.size());
        return told;
    }

    private static Map<String, Trace> by(PersonId who, String group, String... ids) {
        Map<String, Trace> traces = new HashMap<>();
        List.of(ids).forEach(id -> traces.put(id, Trace.of(who, group)));
        return traces;
    }

    private static Page written(Edition edition, String id, String words) {
        return edition.require(Page.class, id)
                .withZones(new venue.core.model.section.Zones(
                        Map.of("main", List.of(section(id + "-s1", "Text", text(words))))));
    }

    @Test
    void aBranchInANewOrderIsOneChangeThoughItTookManySteps() {
        Edition once = Sites.after(live, PageCommand.movePage("c", "home", "a"));
        Edition twice = Sites.after(once, PageCommand.movePage("b", "home", "c"));
        Map<String, Trace> traces = by(ANA, "one", "c");
        traces.putAll(by(BO, "two", "b"));
        assertThat(told(twice, traces)).singleElement().satisfies(c -> {
            assertThat(c.name()).isEqualTo("Home, put in a new order");
            assertThat(c.says()).containsExactly("2 pages moved together");
            assertThat(c.who()).containsExactlyInAnyOrder(ANA, BO);
        });
    }

    @Test
    void aPageThatMovesTellsWhatFollowsItBeneath() {
        Edition moved = Sites.after(live, PageCommand.movePage("home", "d", null));
        assertThat(told(Sites.after(live, PageCommand.setSegment("d", "gates")), by(ANA, "g", "d")))
                .singleElement()
                .satisfies(c -> assertThat(c.follows().redirects()).isEqualTo(1));
        assertThat(told(moved, by(ANA, "g", "home"))).hasSize(1);
    }

    @Test
    void whatOneStepDidToManyIsOneChangeAndWhoeverIsWrittenAtBesidesStandsAlone() {
        Edition working = live.with(
                List.of(written(live, "a", "x"), written(live, "b", "x"), written(live, "c", "y")), List.of());
        Map<String, Trace> traces = by(ANA, "table", "a", "b", "c");
        traces.put("c", Trace.of(ANA, "table").and(BO, "typing"));
        assertThat(told(working, traces))
                .extracting(WaitingChange::name, c -> c.entries().size())
                .containsExactly(
                        org.assertj.core.api.Assertions.tuple("Bring in table", 2),
                        org.assertj.core.api.Assertions.tuple("Clouds", 1));
    }

    @Test
    void aTemplateAndThePagesThatTookItAreOneChange() {
        Template plain = live.require(Template.class, "plain").withName("Article", "");
        Edition changed = live.with(List.of(plain), List.of());
        Hash taken = hash(changed, "plain");
        Edition working = changed.with(
                List.of(
                        written(live, "a", "x").withTaken(taken),
                        written(live, "b", "x").withTaken(taken)),
                List.of());
        Map<String, Trace> traces = by(ANA, "rolled", "a", "b");
        traces.putAll(by(BO, "drawn", "plain"));
        assertThat(told(working, traces)).singleElement().satisfies(c -> {
            assertThat(c.name()).isEqualTo("Template Article, carried to 2 pages");
            assertThat(c.says()).contains("1 section changed in each");
        });
    }

    @Test
    void moreGroupsThanCanBeToldApartAreForgottenButNotWhoItWas() {
        Trace trace = Trace.of(ANA, "1");
        for (int i = 2; i < 9; i++) {
            trace = trace.and(i == 5 ? BO : ANA, String.valueOf(i));
        }
        assertThat(trace.groups()).isEmpty();
        assertThat(trace.who()).containsExactlyInAnyOrder(ANA, BO);
    }

    /** Carried on from step to step it is what it would be worked out anew. */
    @Property(tries = 60)
    void isCarriedOn(@ForAll Random chance) {
        List<String> ids = List.of("a", "b", "c", "d", "plain", "dusk");
        Edition working = live;
        Waits waits = Waits.NOTHING;
        Map<String, Trace> traces = new HashMap<>();
        for (int step = 0; step < 12; step++) {
            Set<String> touched = new HashSet<>();
            List<Item> put = new ArrayList<>();
            String group = "g" + chance.nextInt(5);
            for (String id : ids) {
                if (chance.nextInt(3) == 0) {
                    touched.add(id);
                    put.add(chance.nextInt(4) == 0 ? live.find(id).orElseThrow() : other(working, id, chance));
                }
            }
            working = working.with(put, List.of());
            Edition now = working;
            Map<String, Trace> differing = new HashMap<>();
            touched.stream()
                    .filter(id -> !now.find(id).equals(live.find(id)))
                    .forEach(id -> differing.put(
                            id, traces.containsKey(id) ? traces.get(id).and(BO, group) : Trace.of(ANA, group)));
            Set<String> agreeing = new HashSet<>(touched);
            agreeing.removeAll(differing.keySet());
            traces.putAll(differing);
            traces.keySet().removeAll(agreeing);
            Function<String, Hash> hashOf = id -> hash(now, id);
            waits = waits.after(live, now, differing, agreeing, hashOf);
            Waits anew = Waits.NOTHING.after(live, now, traces, Set.of(), hashOf);
            assertThat(sorted(waits)).isEqualTo(sorted(anew));
            assertThat(waits.size())
                    .isEqualTo(anew.size())
                    .isEqualTo(sorted(waits).size());
        }
    }

    private static Set<Set<String>> sorted(Waits waits) {
        Set<Set<String>> all = new HashSet<>();
        waits.byChange().values().forEach(ids -> all.add(Set.copyOf(ids)));
        return all;
    }

    private static Item other(Edition working, String id, Random chance) {
        return working.page(id)
                .<Item>map(p -> chance.nextBoolean()
                        ? p.withPlace(p.parent(), chance.nextInt(9) << 18)
                        : p.withTitle("Title " + chance.nextInt(3)).withTaken(hash(working, "plain")))
                .orElseGet(() -> working.find(Template.class, id)
                        .<Item>map(t -> t.withName("Name " + chance.nextInt(3), ""))
                        .orElseGet(() -> venue.core.sort.Sorts.called(
                                        working.find(id).orElseThrow(), "Name " + chance.nextInt(3))
                                .orElseThrow()));
    }
}
