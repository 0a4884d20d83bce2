package venue.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.page.NewPage;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.change.rollout.Decision;
import venue.core.change.rollout.RollOut;
import venue.core.change.rollout.Strand;
import venue.core.edition.json.ItemJson;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.template.Template;
import venue.store.database.Database;
import venue.store.workspace.AskedRequest;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** A template's changes rolled out to 5,000 pages that were adapted at random, beside rewriting as many rows in SQLite. */
final class RollOutScale {

    private static final String T = "leaflet";
    private static final int PAGES = 5_000;
    private static final int AT_ONCE = 200;
    private static final int ROUNDS = 6;

    private final Random chance = new Random(7);
    private final Workspace workspace;
    private final List<String> bodies = new ArrayList<>();
    private final Path folder;

    private RollOutScale(Path folder) {
        this.folder = folder;
        Workspaces all = new Workspaces(Database.open(folder), InstantSource.system(), new Random(1));
        workspace = all.begin(new SiteId("loomgate-yard"), new PersonId("bench"), LargeSite.items(20));
    }

    public static void main(String[] args) throws Exception {
        List<Double> ratios = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            ratios.add(new RollOutScale(Files.createTempDirectory("venue-rollout")).run());
        }
        List<Double> warm = ratios.stream().skip(1).sorted().toList();
        System.out.printf(
                Locale.ROOT,
                "median of the %d rounds after the first: applied in %.2f times what rewriting the rows takes%n",
                warm.size(),
                warm.get(warm.size() / 2));
        System.exit(0);
    }

    private void give(Command command) {
        workspace.run(AskedRequest.of(new PersonId("bench"), command));
    }

    private double run() throws Exception {
        begin();
        adapt();
        change();
        long from = System.nanoTime();
        List<RollOut.Row> rows = rollOut().rows();
        double planned = (System.nanoTime() - from) / 1e9;
        long asked = rows.stream()
                .flatMap(r -> r.strands().stream())
                .filter(s -> s.state() == Strand.State.ASKS)
                .count();
        Path copy = copied();
        long before = used();
        double applied = apply(rows);
        long after = used();
        for (int n = 0; n < PAGES; n++) {
            bodies.add(ItemJson.tree(workspace.now().working().require(Page.class, "leaf" + n))
                    .toString());
        }
        double plain = rewrite(copy, false);
        double versions = rewrite(copy, true);
        System.out.printf(
                Locale.ROOT,
                "%d pages, %d choices: planned in %.2f s; applied in %.2f s;"
                        + " one row each rewritten in %.2f s, ratio %.2f; their versions kept in %.2f s, ratio %.2f;"
                        + " memory %d MB before, %d MB after%n",
                rows.size(),
                asked,
                planned,
                applied,
                plain,
                applied / plain,
                versions,
                applied / versions,
                before,
                after);
        return applied / versions;
    }

    private static long used() {
        System.gc();
        return (Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory()) >> 20;
    }

    private RollOut rollOut() {
        Template template = workspace.now().working().require(Template.class, T);
        return new RollOut(
                workspace.now().working(),
                template,
                workspace.desk().archive(),
                workspace.now().hashOf(T));
    }

    private void begin() {
        give(TemplateCommand.makeTemplate(T, "Leaflet", null, null));
        give(KindCommand.setKindTemplates("standard", "plain", null));
        for (String section : List.of("lead", "more", "end")) {
            give(SectionCommand.placeSection(T, "main", 9, section, null, null, List.of(6, 6)));
            give(SectionCommand.placeElement(
                    T, section, "c1", 0, section + "-h", "heading", Map.of("text", Value.of(section))));
            give(SectionCommand.placeElement(
                    T,
                    section,
                    "c2",
                    0,
                    section + "-t",
                    "text",
                    Map.of("text", Value.of("<p>" + "Words of it. ".repeat(30) + "</p>"))));
        }
        for (int batch = 0; batch < PAGES / AT_ONCE; batch++) {
            List<NewPage> pages = new ArrayList<>();
            for (int i = 0; i < AT_ONCE; i++) {
                int n = batch * AT_ONCE + i;
                pages.add(new NewPage("leaf" + n, "Leaf " + n));
            }
            give(NewPages.of("standard", pages)
                    .beneath("p" + (batch % 20))
                    .wearing(T)
                    .made());
        }
    }

    /** A third has other words, a sixth another heading, a tenth lost a section. */
    private void adapt() {
        List<Item> adapted = new ArrayList<>();
        for (int n = 0; n < PAGES; n++) {
            Page page = workspace.now().working().require(Page.class, "leaf" + n);
            List<Section> sections = page.zones().in("main");
            Page now = page;
            if (chance.nextInt(3) == 0) {
                now = written(now, sections.get(0), "lead-t", "<p>Our own words</p>");
            }
            if (chance.nextInt(6) == 0) {
                now = written(now, sections.get(1), "more-h", "Our own");
            }
            if (chance.nextInt(10) == 0) {
                now = now.withZones(now.zones().remove(sections.get(2).id()));
            }
            adapted.add(now);
        }
        give(WholeCommand.takeIn("adapt", adapted));
    }

    private static Page written(Page page, Section section, String element, String words) {
        return page.withZones(page.zones()
                .change(
                        section.id(),
                        s -> s.mapElements(e -> e.id().equals(element) ? e.with("text", Value.of(words)) : e)));
    }

    private void change() {
        give(ValueCommand.setValue(T, "lead", "lead-t", "text", Value.of("<p>Newer words</p>")));
        give(ValueCommand.setValue(T, "more", "more-t", "text", Value.of("<p>Newer words here too</p>")));
        give(SectionCommand.removeSection(T, "end"));
        give(SectionCommand.placeSection(T, "main", 1, "fresh", null, null, List.of(12)));
        give(SectionCommand.placeElement(
                T, "fresh", "c1", 0, "fresh-t", "text", Map.of("text", Value.of("<p>New</p>"))));
    }

    private double apply(List<RollOut.Row> rows) {
        long from = System.nanoTime();
        for (int at = 0; at < rows.size(); at += AT_ONCE) {
            Map<String, Map<String, Decision>> chosen = rows.subList(at, Math.min(rows.size(), at + AT_ONCE)).stream()
                    .collect(Collectors.toMap(r -> r.page().id(), RollOutScale::choices));
            workspace.run(new AskedRequest(
                    new PersonId("bench"),
                    venue.core.model.site.Role.MANAGER,
                    TemplateCommand.rollOutSections(T, chosen),
                    Map.of(),
                    "roll",
                    null));
        }
        return (System.nanoTime() - from) / 1e9;
    }

    private static Map<String, Decision> choices(RollOut.Row row) {
        return row.strands().stream()
                .filter(s -> s.state() == Strand.State.ASKS)
                .collect(Collectors.toMap(Strand::key, s -> Decision.FOLLOW));
    }

    /** The database as it stands before the roll-out. */
    private Path copied() throws SQLException, java.io.IOException {
        Path copy = Files.createTempDirectory("venue-rows").resolve("venue.db");
        try (Connection sql = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("venue.db"));
                Statement statement = sql.createStatement()) {
            statement.execute("vacuum into '" + copy + "'");
        }
        return copy;
    }

    /**
     * The same pages' rows written in a copy of the same database, under the same durability and as many to a transaction: those
     * that Venue writes so that every version stays, or the one row each of a plain table of pages.
     */
    private double rewrite(Path copy, boolean versions) throws SQLException {
        try (Connection sql = DriverManager.getConnection("jdbc:sqlite:" + copy)) {
            try (Statement settings = sql.createStatement()) {
                settings.execute("pragma journal_mode=WAL");
                settings.execute("pragma synchronous=FULL");
                settings.execute("pragma foreign_keys=true");
                settings.execute(
                        "create table if not exists row (id text primary key, body text not null) without rowid");
                settings.execute("insert into step (site, at, who, name, kind, step_group)"
                        + " values ('loomgate-yard', '', '', '', 'DO', '')");
            }
            sql.setAutoCommit(false);
            if (!versions) {
                write(sql, false, "before");
            }
            long from = System.nanoTime();
            write(sql, versions, "after");
            return (System.nanoTime() - from) / 1e9;
        }
    }

    private void write(Connection sql, boolean versions, String when) throws SQLException {
        List<String> statements = versions
                ? List.of(
                        "insert or ignore into content (body, hash, type) values (?1, ?3, 'PAGE')",
                        "insert into working (site, item, hash) values ('loomgate-yard', ?2, ?3)"
                                + " on conflict (site, item) do update set hash = excluded.hash",
                        "insert into step_change (step, item, before, after)"
                                + " values ((select max(id) from step), ?2, ?3, ?3)")
                : List.of(
                        "insert into row (id, body) select ?2, ?1 where ?3 <> '' on conflict (id) do update set body = excluded.body");
        for (int at = 0; at < PAGES; at += AT_ONCE) {
            for (String statement : statements) {
                try (PreparedStatement put = sql.prepareStatement(statement)) {
                    for (int n = at; n < at + AT_ONCE; n++) {
                        put.setString(1, bodies.get(n) + when);
                        put.setString(2, "leaf" + n);
                        put.setString(3, Hash.over(when + n).text());
                        put.addBatch();
                    }
                    put.executeBatch();
                }
            }
            sql.commit();
        }
    }
}
