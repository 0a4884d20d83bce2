package venue.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.IntConsumer;
import venue.core.edit.MovePage;
import venue.core.edit.SetTitle;
import venue.core.release.Entry;
import venue.core.release.ReleasePlan;
import venue.core.survey.Scope;
import venue.core.survey.Survey;
import venue.store.database.Database;
import venue.store.workspace.Asked;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** What a step costs in a large site, beside the same step in a small one. The folder given first keeps the large site. */
public final class Scale {

    private static final int LARGE = 20_000;
    private static final int SMALL = 200;
    private static final int ROUNDS = 60;

    private final Workspace workspace;

    private Scale(Path folder, int pages) {
        Workspaces all = new Workspaces(Database.open(folder), InstantSource.system(), new Random(1));
        workspace = all.find("loomgate-yard").orElseGet(() -> begin(all, pages));
    }

    private static Workspace begin(Workspaces all, int pages) {
        Workspace made = all.begin("loomgate-yard", "bench", LargeSite.items(pages));
        List<String> entries = ReleasePlan.of(made.now().live(), made.now().working()).entries().stream()
                .map(Entry::item)
                .toList();
        made.release("bench", "All of it", entries);
        return made;
    }

    public static void main(String[] args) throws Exception {
        Path folder = args.length > 0 ? Path.of(args[0]) : Files.createTempDirectory("venue-scale");
        Scale large = new Scale(folder, LARGE);
        Scale small = new Scale(Files.createTempDirectory("venue-scale"), SMALL);
        System.out.printf(Locale.ROOT, "%-28s %10s %10s %7s%n", "median, ms", SMALL, LARGE, "ratio");
        compare("title set", small, large, Scale::title);
        compare("page moved", small, large, Scale::move);
        compare("links to a page, after", small, large, Scale::inbound);
        compare("survey, after a step", small, large, Scale::survey);
        compare("release plan, after a step", small, large, Scale::plan);
        System.gc();
        long used = Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
        System.out.printf(Locale.ROOT, "%d MB in use with both sites%n", used >> 20);
        System.exit(0);
    }

    private interface Work {
        void on(Scale scale, int round);
    }

    private static void compare(String what, Scale small, Scale large, Work work) {
        double few = median(n -> work.on(small, n));
        double many = median(n -> work.on(large, n));
        System.out.printf(Locale.ROOT, "%-28s %10.2f %10.2f %7.1f%n", what, few, many, many / few);
    }

    private static double median(IntConsumer work) {
        double[] took = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long from = System.nanoTime();
            work.accept(i);
            took[i] = (System.nanoTime() - from) / 1e6;
        }
        Arrays.sort(took);
        return took[ROUNDS / 2];
    }

    private void title(int round) {
        workspace.run(Asked.of("bench", new SetTitle(LargeSite.id(150), "Workshop of round " + round)));
    }

    private void move(int round) {
        workspace.run(Asked.of("bench", new MovePage(LargeSite.id(150), LargeSite.id(2 + round % 2), null)));
    }

    private void inbound(int round) {
        title(round);
        workspace.now().working().inbound().pagesTo(LargeSite.id(150));
    }

    private void survey(int round) {
        title(round);
        Survey.of(Scope.workingCopy(workspace.now().working(), workspace.now().live(), Instant.now()));
    }

    private void plan(int round) {
        title(round);
        ReleasePlan.of(workspace.now().live(), workspace.now().working()).entries();
    }
}
