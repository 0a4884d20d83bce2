package venue.store.workspace;

import java.nio.file.Path;
import java.util.List;
import venue.core.change.edit.page.PageCommand;
import venue.store.database.Database;

/** A process that edits and releases without end, saying what has been acknowledged, until it is killed. */
final class Hammer {

    private Hammer() {}

    public static void main(String[] args) {
        Database database = Yard.database(Path.of(args[0]));
        Workspace yard = Yard.open(database).require("yard");
        for (int n = 1; ; n++) {
            yard.run(AskedRequest.of("Ana", PageCommand.setTitle("home", "Title " + n)));
            yard.run(AskedRequest.of("Ana", PageCommand.setTitle("other", "Title " + n)));
            System.out.println("kept " + n);
            yard.release("Ana", "n" + n, List.of("home", "other"));
            System.out.println("live " + n);
        }
    }
}
