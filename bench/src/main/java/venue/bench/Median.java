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
        return of(took);
    }

    static double of(double... values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
