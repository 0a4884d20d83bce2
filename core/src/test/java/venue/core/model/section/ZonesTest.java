package venue.core.model.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import venue.core.basics.fault.Refusal;

/** What holds of sections in zones, whatever is done to them. */
class ZonesTest {

    private static final List<String> KEYS = List.of("left", "main", "right");

    private static Section section(int n) {
        return Section.empty("s" + n, "Section " + n, List.of(12));
    }

    private static Zones random(Random chance, int count) {
        Zones zones = Zones.NONE;
        for (int n = 0; n < count; n++) {
            zones = zones.insert(KEYS.get(chance.nextInt(KEYS.size())), chance.nextInt(count + 3) - 1, section(n));
        }
        return zones;
    }

    private static String any(Random chance, int count) {
        return "s" + chance.nextInt(count);
    }

    @Property(tries = 200)
    void whatIsInsertedStandsOnceAndWhereItWasPut(@ForAll long seed) {
        Random chance = new Random(seed);
        Zones zones = random(chance, 8);
        assertThat(zones.all().map(Section::id)).hasSize(8).doesNotHaveDuplicates();
        int at = chance.nextInt(zones.in("main").size() + 1);
        Zones with = zones.insert("main", at, section(8));
        assertThat(with.require("s8")).isEqualTo(new Zones.Place("main", at, section(8)));
        assertThat(with.remove("s8")).isEqualTo(zones);
        assertThatThrownBy(() -> with.insert("left", 0, section(8))).isInstanceOf(Refusal.class);
    }

    @Property(tries = 200)
    void aMoveLosesNothingAndIsTakenBackByAMove(@ForAll long seed) {
        Random chance = new Random(seed);
        Zones zones = random(chance, 8);
        String id = any(chance, 8);
        Zones.Place was = zones.require(id);
        Zones moved = zones.move(id, KEYS.get(chance.nextInt(KEYS.size())), chance.nextInt(8));
        assertThat(moved.all()).containsExactlyInAnyOrderElementsOf(zones.all().toList());
        assertThat(moved.move(id, was.zone(), was.index())).isEqualTo(zones);
    }

    @Property(tries = 200)
    void aChangeTouchesOneSectionAlone(@ForAll long seed) {
        Random chance = new Random(seed);
        Zones zones = random(chance, 6);
        String id = any(chance, 6);
        Zones changed = zones.change(id, s -> s.with("tone", venue.core.basics.value.Value.of("deep")));
        assertThat(changed.change(id, s -> s.with("tone", null))).isEqualTo(zones);
        assertThat(changed.all().filter(s -> !s.id().equals(id)))
                .containsExactlyElementsOf(
                        zones.all().filter(s -> !s.id().equals(id)).toList());
        assertThatThrownBy(() -> zones.change("gone", s -> s)).isInstanceOf(Refusal.class);
    }

    @Property(tries = 20)
    void anEmptyZoneIsNoZone(@ForAll long seed) {
        Zones zones = random(new Random(seed), 3);
        Zones emptied = zones.remove("s0").remove("s1").remove("s2");
        assertThat(emptied).isEqualTo(Zones.NONE).isEqualTo(new Zones(Map.of("main", List.of())));
    }
}
