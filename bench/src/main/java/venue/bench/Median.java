package venue.bench;

import java.util.Arrays;
import java.util.function.IntConsumer;

/** The median of what some work takes, in milliseconds. */
final class Median {

    private Median() {}

    /** @param before what comes before each round and is not counted */
    static double of(int rounds, IntConsumer before, IntConsumer work) {
        double[] took = new double[rounds];
        for (int i = 0; i < rounds; i++) {
            before.accept(i);
            long from = System.nanoTime();
            work.accept(i);
            took[i] = (System.nanoTime() - from) / 1e6;
        }
        Arrays.sort(took);
        return took[rounds / 2];
    }
}
