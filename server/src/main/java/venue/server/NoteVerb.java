package venue.server;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import venue.core.basics.item.SiteId;
import venue.store.database.Unfit;
import venue.store.record.By;
import venue.store.record.Deed;

/** Puts on the record what a verb did beside the server: verbs give it to each other, and people don't. */
@Command(name = "note", hidden = true)
final class NoteVerb implements Callable<Integer> {

    @CommandLine.Mixin
    Data data = new Data();

    @Option(names = "--site")
    @Nullable
    String site;

    @Parameters(index = "0")
    Deed deed = Deed.PACK_SAVED;

    @Parameters(index = "1")
    String detail = "";

    @Override
    public Integer call() {
        try (OwnFolder own = data.open()) {
            own.parts().records().write(deed, By.COMMAND_LINE, SiteId.of(site), null, detail);
        }
        return 0;
    }

    /** Hands it to the server that has a folder. What was done is done: where that fails, it is told and no more. */
    static void hand(Path folder, Deed deed, @Nullable SiteId site, String detail) {
        List<String> line = new ArrayList<>(List.of("note"));
        if (site != null) {
            line.addAll(List.of("--site", site.text()));
        }
        line.addAll(List.of("--", deed.name(), detail));
        try {
            Channel.ask(folder, line);
        } catch (Unfit e) {
            System.err.println("venue: this is not on the record. " + e.getMessage());
        }
    }
}
