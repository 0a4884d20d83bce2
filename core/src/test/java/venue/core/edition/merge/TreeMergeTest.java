package venue.core.edition.merge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class TreeMergeTest {

    private final Map<String, Object> base =
            page(List.of(section("a", "one"), section("b", "two"), section("c", "three")));

    @Property(tries = 300)
    void aSideThatDidNothingLeavesTheOther(@ForAll long seed) {
        Object mine = edited(base, new Random(seed), 4);
        assertThat(TreeMerge.merge(base, base, mine).tree()).isEqualTo(mine);
        assertThat(TreeMerge.merge(base, mine, base).tree()).isEqualTo(mine);
    }

    @Property(tries = 300)
    void mergingAgainChangesNothing(@ForAll long seed) {
        Random chance = new Random(seed);
        Object theirs = edited(base, chance, 3);
        Object ours = edited(base, chance, 3);
        Object once = TreeMerge.merge(base, theirs, ours).tree();
        assertThat(TreeMerge.merge(theirs, theirs, once).tree()).isEqualTo(once);
        assertThat(TreeMerge.merge(base, once, once).tree()).isEqualTo(once);
    }

    @Property(tries = 500)
    void noWordThatIsNotInTheBaseIsLostWithoutBeingNamed(@ForAll long seed) {
        Random chance = new Random(seed);
        Object theirs = edited(base, chance, 3);
        Object ours = edited(base, chance, 3);
        TreeMerge.Merged merged = TreeMerge.merge(base, theirs, ours);
        for (String word : added(ours)) {
            assertThat(words(merged.tree())).contains(word);
        }
        if (merged.conflicts().isEmpty()) {
            assertThat(words(merged.tree())).containsAll(added(theirs));
        }
    }

    @Test
    void aSectionMovedByOneAndWrittenInByTheOtherIsBoth() {
        Object moved = page(List.of(section("b", "two"), section("c", "three"), section("a", "one")));
        Object written = page(List.of(section("a", "one, longer"), section("b", "two"), section("c", "three")));
        TreeMerge.Merged merged = TreeMerge.merge(base, written, moved);
        assertThat(merged.conflicts()).isEmpty();
        assertThat(merged.tree())
                .isEqualTo(page(List.of(section("b", "two"), section("c", "three"), section("a", "one, longer"))));
    }

    @Test
    void theSamePropertyChangedByBothIsNamed() {
        Object theirs = page(List.of(section("a", "theirs"), section("b", "two"), section("c", "three")));
        Object ours = page(List.of(section("a", "ours"), section("b", "two"), section("c", "three")));
        assertThat(TreeMerge.merge(base, theirs, ours).conflicts()).containsExactly("a.text");
    }

    @Test
    void aSectionRemovedByOneAndWrittenInByTheOtherStaysAndIsNamed() {
        Object removed = page(List.of(section("b", "two"), section("c", "three")));
        Object written = page(List.of(section("a", "worked on"), section("b", "two"), section("c", "three")));
        assertThat(TreeMerge.merge(base, written, removed).conflicts()).containsExactly("a");
        assertThat(words(TreeMerge.merge(base, removed, written).tree())).contains("worked on");
    }

    private static Map<String, Object> page(List<Map<String, Object>> sections) {
        return new TreeMap<>(Map.of("title", "Weaving", "zones", Map.of("main", sections)));
    }

    private static Map<String, Object> section(String id, String text) {
        return new TreeMap<>(Map.of("id", id, "text", text));
    }

    /** The page after so many random steps: writing, adding, removing, moving. */
    private static Map<String, Object> edited(Map<String, Object> page, Random chance, int steps) {
        List<Map<String, Object>> sections = new ArrayList<>(sections(page));
        for (int i = 0; i < steps; i++) {
            int at = sections.isEmpty() ? 0 : chance.nextInt(sections.size());
            switch (chance.nextInt(4)) {
                case 0 -> sections.add(at, section("n" + chance.nextInt(100_000), "new " + chance.nextInt(100_000)));
                case 1 -> sections.add(sections.isEmpty() ? section("x", "x") : sections.remove(at));
                case 2 -> {
                    if (sections.size() > 1) {
                        sections.remove(at);
                    }
                }
                default -> {
                    if (!sections.isEmpty()) {
                        sections.set(at, section((String) sections.get(at).get("id"), "w" + chance.nextInt(100_000)));
                    }
                }
            }
        }
        return page(sections);
    }

    @SuppressWarnings("unchecked")
    private static List<Map<String, Object>> sections(Object page) {
        return ((Map<String, List<Map<String, Object>>>) ((Map<String, Object>) page).get("zones"))
                .getOrDefault("main", List.of());
    }

    private static List<String> words(Object page) {
        return sections(page).stream().map(s -> (String) s.get("text")).toList();
    }

    private List<String> added(Object page) {
        List<String> words = new ArrayList<>(words(page));
        words.removeAll(words(base));
        return words;
    }
}
