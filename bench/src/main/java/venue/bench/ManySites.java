package venue.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.Locale;
import java.util.Random;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.carry.beginning.Beginning;
import venue.core.carry.beginning.NewSite;
import venue.store.database.Database;
import venue.store.workspace.Workspaces;

/** A folder of a thousand small sites beside one of ten: what a start costs, and memory with ten of them in use. */
final class ManySites {

    private static final int MANY = 1_000;
    private static final int FEW = 10;
    private static final int STARTS = 9;

    private ManySites() {}

    public static void main(String[] args) throws Exception {
        Path few = begun(FEW);
        Path many = begun(MANY);
        System.out.printf(Locale.ROOT, "%-34s %8s %8s%n", "sites", FEW, MANY);
        System.out.printf(Locale.ROOT, "%-34s %8.1f %8.1f%n", "start and one site read, ms", start(few), start(many));
        System.out.printf(Locale.ROOT, "%-34s %8d %8d%n", "heap with ten in use, MB", heap(few), heap(many));
        System.exit(0);
    }

    private static Path begun(int count) throws Exception {
        Path folder = Files.createTempDirectory("venue-sites");
        try (Database database = Database.open(folder)) {
            Workspaces all = new Workspaces(database, InstantSource.system(), new Random(1));
            for (int i = 0; i < count; i++) {
                NewSite asked = NewSite.of("Yard " + i, "yard-" + i + ".localhost", "en", "UTC");
                all.begin(new SiteId("yard-" + i), new PersonId("bench"), Beginning.SMALL.items(asked));
            }
        }
        return folder;
    }

    private static double start(Path folder) {
        double[] took = new double[STARTS];
        for (int i = 0; i < STARTS; i++) {
            long from = System.nanoTime();
            try (Database database = Database.open(folder)) {
                new Workspaces(database, InstantSource.system(), new Random(1)).require(new SiteId("yard-3"));
            }
            took[i] = (System.nanoTime() - from) / 1e6;
        }
        Arrays.sort(took);
        return took[STARTS / 2];
    }

    private static long heap(Path folder) {
        try (Database database = Database.open(folder)) {
            Workspaces all = new Workspaces(database, InstantSource.system(), new Random(1));
            for (int i = 0; i < FEW; i++) {
                all.require(new SiteId("yard-" + i));
            }
            System.gc();
            long used =
                    Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
            return all.ids().isEmpty() ? 0 : used >> 20;
        }
    }
}
