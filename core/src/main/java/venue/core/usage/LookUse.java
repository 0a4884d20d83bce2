package venue.core.usage;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import venue.core.edition.Edition;
import venue.core.page.Page;
import venue.core.value.Values;

/** What a look is seen on: a page of every sort, and how many sections wear each tone. */
public final class LookUse {

    private LookUse() {}

    /** One finished page for each pair of kind and template, in the order of the plan. */
    public static List<Page> samples(Edition edition) {
        Set<String> seen = new HashSet<>();
        return edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .filter(p -> !p.withdrawn() && edition.toFill(p).isEmpty())
                .filter(p ->
                        seen.add(p.kind() + "/" + edition.worn(p).template().id()))
                .toList();
    }

    /** The pages' sections by the tone they wear. */
    public static Map<String, Long> tones(Edition edition) {
        Map<String, Long> tones = new HashMap<>();
        edition.all(Page.class).flatMap(p -> p.zones().all()).forEach(s -> {
            String tone = Values.text(s.settings(), "tone");
            tones.merge(tone.isEmpty() ? "plain" : tone, 1L, Long::sum);
        });
        return tones;
    }
}
