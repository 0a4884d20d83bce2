package venue.store.workspace;

import java.nio.file.Path;
import java.util.List;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.change.edit.page.PageCommand;
import venue.store.database.Database;

/** A process that edits and releases without end, saying what has been acknowledged, until it is killed. */
final class Hammer {

    private static final PersonId ANA = new PersonId("Ana");

    private Hammer() {}

    public static void main(String[] args) {
        Database database = Yard.database(Path.of(args[0]));
        Workspace yard = Yard.open(database).require(new SiteId("yard"));
        for (int n = 1; ; n++) {
            yard.run(AskedRequest.of(ANA, PageCommand.setTitle("home", "Title " + n)));
            yard.run(AskedRequest.of(ANA, PageCommand.setTitle("other", "Title " + n)));
            System.out.println("kept " + n);
            yard.releasing().release(ANA, "n" + n, List.of("home", "other"));
            System.out.println("live " + n);
        }
    }
}
