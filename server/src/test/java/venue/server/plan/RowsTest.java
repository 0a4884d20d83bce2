package venue.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.InstantSource;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.PersonId;
import venue.core.change.edit.Command;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.page.PageCommand;
import venue.core.live.release.ReleaseEntry;
import venue.core.model.site.Role;
import venue.demo.KestrelMoor;
import venue.store.database.Database;
import venue.store.workspace.AskedRequest;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** The rows carried on from step to step are those that would be made anew. */
class RowsTest {

    private static final PersonId MAJA = new PersonId("maja");

    private static final List<Command> DAY = List.of(
            PageCommand.setTitle("visit", "Come"),
            PageCommand.movePage("glossary", "visit", null),
            PageCommand.withdrawPage("visit", true),
            PageCommand.withdrawPage("visit", false),
            MenuCommand.removeFromMenu("main", "visit"),
            PageCommand.chooseTemplate(List.of("glossary"), "wide"),
            KindCommand.retireKind("standard", true),
            PageCommand.makeHome("visit"),
            PageCommand.removePage("glossary"));

    @TempDir
    Path folder;

    @Test
    void throughADayOfStepsAReleaseAndTakingAllOfItBack() {
        try (Database database = Database.open(folder)) {
            Workspaces all = new Workspaces(database, InstantSource.system(), new Random(3));
            Workspace moor = all.begin(KestrelMoor.ID, MAJA, KestrelMoor.items(LocalDate.of(2026, 11, 25)));
            Rows rows = Rows.of(moor.now());
            long began = moor.now().step();
            for (Command command : DAY) {
                moor.run(AskedRequest.of(MAJA, command));
                rows = agreed(rows, moor);
            }
            moor.releasing()
                    .release(
                            MAJA,
                            "",
                            moor.now().plan().entries().stream()
                                    .map(ReleaseEntry::item)
                                    .toList());
            rows = agreed(rows, moor);
            for (int i = 0; i < DAY.size(); i++) {
                moor.undo(MAJA, Role.MANAGER);
                rows = agreed(rows, moor);
            }
            assertThat(rows.since(began).whole()).isFalse();
            assertThat(rows.since(began - 1).whole()).as("not remembered").isTrue();
            assertThat(rows.since(moor.now().step() + 1).whole())
                    .as("of another life of the server")
                    .isTrue();
        }
    }

    private static Rows agreed(Rows before, Workspace moor) {
        Rows now = before.after(moor.now());
        Rows anew = Rows.of(moor.now());
        assertThat(now.whole()).isEqualTo(anew.whole());
        assertThat(now.since(before.standing().step()).rows())
                .allSatisfy(row -> assertThat(row)
                        .isNotEqualTo(before.byId().get(row.head().id())));
        return now;
    }
}
