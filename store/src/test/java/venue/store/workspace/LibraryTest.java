package venue.store.workspace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.carry.pack.Report;
import venue.core.carry.pack.Shelf;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.kind.Kind;
import venue.core.model.section.Section;
import venue.core.model.site.Role;
import venue.core.model.template.Template;
import venue.store.database.Database;

/** What one site gives to all, another takes, adapts and has carried over. */
class LibraryTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final PersonId ANA = new PersonId("Ana");
    private static final SiteId DOME = new SiteId("dome");
    private static final PersonId BEN = new PersonId("Ben");

    @TempDir
    Path folder;

    private Database database;
    private Workspaces sites;
    private Workspace yard;
    private Workspace dome;
    private Library library;

    @BeforeEach
    void begin() {
        database = Yard.database(folder);
        sites = Yard.open(database);
        yard = sites.begin(YARD, ANA, Yard.items());
        dome = sites.begin(DOME, BEN, Yard.items("dome.localhost"));
        library = sites.library();
        yard.run(AskedRequest.of(ANA, TemplateCommand.makeTemplate("workshop", "Workshop", null, "home")));
    }

    @AfterEach
    void close() {
        database.close();
    }

    private Optional<Shelf.ShelfLine> line(Workspace site) {
        return library.shelf(site).stream()
                .filter(l -> l.name().equals("Workshop"))
                .findFirst();
    }

    private static Template workshop(Workspace site) {
        return site.now().working().require(Template.class, "workshop");
    }

    private void tone(Workspace site, int section, String tone) {
        String id = workshop(site).body().all().toList().get(section).id();
        site.run(AskedRequest.of(
                site == dome ? BEN : ANA, ValueCommand.setValue("workshop", id, null, "tone", Value.of(tone))));
    }

    private static List<String> tones(Workspace site) {
        return workshop(site)
                .body()
                .all()
                .map((Section s) -> Values.text(s.settings(), "tone"))
                .toList();
    }

    @Test
    void whatIsGivenIsTakenAdaptedAndCarriedOverAndEachIsOneStepToUndo() {
        assertThat(line(dome)).isEmpty();
        library.give(ANA, yard, "workshop");
        assertThat(line(dome).orElseThrow().state()).isEqualTo(Shelf.State.NOT_HERE);
        assertThat(line(yard).orElseThrow().state()).isEqualTo(Shelf.State.HERE);
        library.take(BEN, Role.MANAGER, dome, "workshop", "standard");
        assertThat(dome.now().working().require(Kind.class, "standard").mayWear("workshop"))
                .isTrue();
        assertThat(workshop(dome)).isEqualTo(workshop(yard));
        tone(dome, 0, "deep");
        tone(yard, 1, "accent");
        assertThat(line(dome).orElseThrow().adapted()).isTrue();
        assertThat(line(dome).orElseThrow().state()).as("not given again yet").isEqualTo(Shelf.State.HERE);
        library.give(ANA, yard, "workshop");
        assertThat(line(dome).orElseThrow().state()).isEqualTo(Shelf.State.BEHIND);
        Report report = library.look(dome, "workshop");
        assertThat(report.lines().differing()).extracting(Report.PackLine::name).containsExactly("Workshop");
        assertThat(report.clashing()).isEmpty();
        library.take(BEN, Role.MANAGER, dome, "workshop", null);
        assertThat(tones(dome)).as("both changes").containsExactly("deep", "accent");
        assertThat(line(dome).orElseThrow().state()).isEqualTo(Shelf.State.HERE);
        dome.undo(BEN, Role.MANAGER);
        assertThat(tones(dome)).containsExactly("deep", "");
        assertThat(line(dome).orElseThrow().state()).as("taken back").isEqualTo(Shelf.State.BEHIND);
        dome.redo(BEN, Role.MANAGER);
        assertThat(line(dome).orElseThrow().state()).as("done again").isEqualTo(Shelf.State.HERE);
        dome.undo(BEN, Role.MANAGER);
        dome.undo(BEN, Role.MANAGER);
        dome.undo(BEN, Role.MANAGER);
        assertThat(dome.now().working().find("workshop")).isEmpty();
    }

    @Test
    void whereBothChangedTheSamePartOnesOwnStands() {
        library.give(ANA, yard, "workshop");
        library.take(BEN, Role.MANAGER, dome, "workshop", null);
        tone(dome, 0, "deep");
        tone(yard, 0, "accent");
        library.give(ANA, yard, "workshop");
        assertThat(library.look(dome, "workshop").clashing()).containsExactly("Workshop");
        library.take(BEN, Role.MANAGER, dome, "workshop", null);
        assertThat(tones(dome).get(0)).isEqualTo("deep");
    }

    @Test
    void pagesAreNotForAllAndTheLibraryIsNoSite() {
        assertThatThrownBy(() -> library.give(ANA, yard, "home"))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("not-for-all"));
        library.give(ANA, yard, "workshop");
        assertThat(sites.ids()).containsExactlyInAnyOrder(YARD, DOME);
        assertThat(Yard.open(database).find(new SiteId("library"))).isEmpty();
        assertThat(Yard.open(database).library().shelf(yard)).isNotEmpty();
    }
}
