package venue.core.live.places;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import venue.core.live.places.PlaceLaw.InLine;

/** Whatever is booked, given back and changed in which order: no more is given than there is, and nobody is passed. */
class PlaceLawTest {

    private enum Stand {
        PLACE,
        WAITS,
        BACK
    }

    @Property(tries = 200)
    void firstComeFirstServedAndNeverTooMany(@ForAll Random chance) {
        int places = chance.nextInt(12);
        Map<Integer, Integer> people = new LinkedHashMap<>();
        Map<Integer, Stand> stands = new LinkedHashMap<>();
        for (int step = 0; step < 80; step++) {
            int given = sum(people, stands, Stand.PLACE);
            List<InLine<Integer>> line = line(people, stands);
            if (chance.nextInt(10) == 0) {
                places = chance.nextInt(14);
            } else if (chance.nextInt(3) > 0 || stands.isEmpty()) {
                int wanted = 1 + chance.nextInt(4);
                people.put(step, wanted);
                stands.put(step, PlaceLaw.gives(places, given, line.size(), wanted) ? Stand.PLACE : Stand.WAITS);
            } else {
                List<Integer> all = new ArrayList<>(stands.keySet());
                stands.put(all.get(chance.nextInt(all.size())), Stand.BACK);
            }
            int now = sum(people, stands, Stand.PLACE);
            List<InLine<Integer>> waiting = line(people, stands);
            List<InLine<Integer>> up = PlaceLaw.movingUp(places, now, waiting);
            assertThat(waiting.subList(0, up.size())).isEqualTo(up);
            up.forEach(w -> stands.put(w.answer(), Stand.PLACE));
            int after = sum(people, stands, Stand.PLACE);
            assertThat(after).isLessThanOrEqualTo(Math.max(places, now));
            int there = places;
            line(people, stands).stream()
                    .findFirst()
                    .ifPresent(first -> assertThat(after + first.people()).isGreaterThan(there));
        }
    }

    private static int sum(Map<Integer, Integer> people, Map<Integer, Stand> stands, Stand stand) {
        return stands.entrySet().stream()
                .filter(e -> e.getValue() == stand)
                .mapToInt(e -> people.getOrDefault(e.getKey(), 0))
                .sum();
    }

    private static List<InLine<Integer>> line(Map<Integer, Integer> people, Map<Integer, Stand> stands) {
        return stands.entrySet().stream()
                .filter(e -> e.getValue() == Stand.WAITS)
                .map(e -> new InLine<>(e.getKey(), people.getOrDefault(e.getKey(), 0)))
                .toList();
    }
}
