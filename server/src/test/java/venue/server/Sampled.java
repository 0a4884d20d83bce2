package venue.server;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** A few of many, chosen by a seed that is told; all of them where {@code venue.all} is set, as by {@code ./venue bench every}. */
public final class Sampled {

    public static final long SEED = Long.getLong("venue.seed", System.nanoTime());

    private Sampled() {}

    public static <T> List<T> of(String what, List<T> all, int some) {
        if (Boolean.getBoolean("venue.all") || all.size() <= some) {
            return all;
        }
        System.out.println(some + " of " + all.size() + " " + what + "; the same again by --seed " + SEED);
        List<T> mixed = new ArrayList<>(all);
        Collections.shuffle(mixed, new Random(SEED));
        return mixed.subList(0, some);
    }
}
