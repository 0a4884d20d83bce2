package venue.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.value.Value;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.check.survey.Severity;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Trail;
import venue.core.live.outline.PlanReading;
import venue.core.live.outline.PlanTable;
import venue.core.live.release.Foreseen;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.gate.Visitor;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.store.database.Database;
import venue.store.workspace.AskedRequest;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** What a step costs in a large site, beside the same step in a small one. The folder given first keeps the large site. */
final class Scale {

    private static final int LARGE = 20_000;
    private static final int SMALL = 200;
    private static final int ROUNDS = 60;
    private static final int STARTS = 7;
    private static final Instant NOW = Instant.parse("2026-11-27T12:00:00Z");

    private final Workspace workspace;

    private Scale(Path folder, int pages) {
        Workspaces all = new Workspaces(Database.open(folder), InstantSource.system(), new Random(1));
        workspace = all.find(new SiteId("loomgate-yard")).orElseGet(() -> begin(all, pages));
    }

    private static Workspace begin(Workspaces all, int pages) {
        Workspace made = all.begin(new SiteId("loomgate-yard"), new PersonId("bench"), LargeSite.items(pages));
        List<String> entries = ReleasePlan.of(made.now().live(), made.now().working()).entries().stream()
                .map(ReleaseEntry::item)
                .toList();
        made.releasing().release(new PersonId("bench"), "All of it", entries);
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
        compare("standing line, after a step", small, large, Scale::standing);
        compare("one page, released", small, large, Scale::released);
        compare("colour changed, released", small, large, Scale::colour);
        compare("page with three listings", small, large, Scale::listings);
        compare("the same, after a step", small, large, Scale::listingsAfter);
        compare("page moved, foreseen", small, large, Scale::foreseen);
        compare("what answers at", small, large, Scale::answers);
        perRow("plan as CSV, a row", small, large, Scale::csv);
        perRow("the same read, a row", small, large, Scale::read);
        searched(small, large);
        started(folder);
        System.gc();
        long used = Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
        System.out.printf(Locale.ROOT, "%d MB in use with both sites%n", used >> 20);
        System.exit(0);
    }

    private static void searched(Scale small, Scale large) throws IOException {
        Searching few = new Searching(small.workspace, Files.createTempDirectory("venue-search"));
        Searching many = new Searching(large.workspace, Files.createTempDirectory("venue-search"));
        double one = few.followed(ROUNDS);
        double other = many.followed(ROUNDS);
        System.out.printf(
                Locale.ROOT, "%-28s %10.2f %10.2f %7.1f%n", "index, one page changed", one, other, other / one);
        System.out.printf(Locale.ROOT, "%-28s %10s %10s %7s%n", "median, ms", "bare query", "search", "ratio");
        List.of("kettle", "\"door 15\"", "sought").forEach(words -> many.compare(words, 5 * ROUNDS));
    }

    /** Reading a kept site at start, page for page, beside one of a tenth of the pages. */
    private static void started(Path folder) throws Exception {
        Path tenth = Files.createTempDirectory("venue-scale");
        new Scale(tenth, LARGE / 10);
        double few = median(STARTS, n -> read(tenth)) / (LARGE / 10);
        double many = median(STARTS, n -> read(folder)) / LARGE;
        System.out.printf(Locale.ROOT, "%-28s %10.4f %10.4f %7.1f%n", "read at start, a page", few, many, many / few);
    }

    private static void read(Path folder) {
        try (Database database = Database.open(folder)) {
            new Workspaces(database, InstantSource.system(), new Random(1))
                    .find(new SiteId("loomgate-yard"))
                    .orElseThrow();
        }
    }

    private interface Work {
        void on(Scale scale, int round);
    }

    private static void compare(String what, Scale small, Scale large, Work work) {
        double few = median(n -> work.on(small, n));
        double many = median(n -> work.on(large, n));
        System.out.printf(Locale.ROOT, "%-28s %10.2f %10.2f %7.1f%n", what, few, many, many / few);
    }

    /** What is done to a whole plan, page for page. */
    private static void perRow(String what, Scale small, Scale large, Consumer<Scale> work) {
        double few = median(STARTS, n -> work.accept(small)) / SMALL;
        double many = median(STARTS, n -> work.accept(large)) / LARGE;
        System.out.printf(Locale.ROOT, "%-28s %10.4f %10.4f %7.1f%n", what, few, many, many / few);
    }

    private void foreseen(int round) {
        Foreseen.of(
                workspace.desk(), List.of(PageCommand.movePage(LargeSite.id(150), LargeSite.id(2 + round % 2), null)));
        move(round);
    }

    private void answers(int round) {
        Edition live = workspace.now().live();
        String address = live.plan().address(LargeSite.id(150));
        Trail.of(live, Visitor.STRANGER, address.toUpperCase(Locale.ROOT) + "/");
        Trail.of(live, Visitor.STRANGER, address + "/gone-" + round);
    }

    private static void csv(Scale scale) {
        PlanTable.csv(scale.workspace.now().working(), scale.workspace.now().live());
    }

    private static void read(Scale scale) {
        PlanReading.of(
                scale.workspace.desk(),
                PlanTable.read(PlanTable.csv(
                        scale.workspace.now().working(), scale.workspace.now().live())));
    }

    private static double median(IntConsumer work) {
        return median(ROUNDS, work);
    }

    private static double median(int rounds, IntConsumer work) {
        return Median.of(rounds, n -> {}, work);
    }

    private void title(int round) {
        workspace.run(AskedRequest.of(
                new PersonId("bench"), PageCommand.setTitle(LargeSite.id(150), "Workshop of round " + round)));
    }

    private void move(int round) {
        workspace.run(AskedRequest.of(
                new PersonId("bench"), PageCommand.movePage(LargeSite.id(150), LargeSite.id(2 + round % 2), null)));
    }

    private void inbound(int round) {
        title(round);
        workspace.now().working().inbound().pagesTo(LargeSite.id(150));
    }

    private void survey(int round) {
        title(round);
        workspace.now().survey().about(LargeSite.id(150));
    }

    private void standing(int round) {
        title(round);
        Standing now = workspace.now();
        now.tally();
        now.survey().count(Severity.SHOULD_FIX);
        now.plan().entries();
        workspace.journal().undoable(new SiteId("loomgate-yard"), new PersonId("bench"));
        workspace.journal().redoable(new SiteId("loomgate-yard"), new PersonId("bench"));
    }

    /** Changed on the disk, and made live. */
    private void released(int round) {
        title(round);
        workspace.releasing().release(new PersonId("bench"), "One page", List.of(LargeSite.id(150)));
    }

    /** Changed on the disk, told in a plan, and made live with the pages that show it. */
    private void colour(int round) {
        Value accent = Value.of(String.format(Locale.ROOT, "#A8%02X23", 40 + round));
        workspace.run(AskedRequest.of(
                new PersonId("bench"), ValueCommand.setValue("dusk", null, null, "colourAccent", accent)));
        workspace.now().plan().entries();
        workspace.releasing().release(new PersonId("bench"), "Another accent", List.of("dusk"));
    }

    /** As visitors get it, over a release that stays. */
    private void listings(int round) {
        written(workspace.now().live());
    }

    /** As a manager sees it after each step in what it lists. */
    private void listingsAfter(int round) {
        title(round);
        written(workspace.now().working());
    }

    private static void written(Edition edition) {
        PageRenderer.render(View.of(edition, NOW, "http://yard", View.Mode.VISITOR), LargeSite.listings());
    }

    private void plan(int round) {
        title(round);
        workspace.now().plan().entries();
    }
}
