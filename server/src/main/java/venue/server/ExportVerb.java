package venue.server;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Words;
import venue.server.export.Export;
import venue.server.live.HeldSite;
import venue.store.workspace.Workspace;

/** The live site as plain files. */
@Command(
        name = "export",
        description = "Writes the live site as plain files that any web server can serve, and how nginx is to.",
        mixinStandardHelpOptions = true)
final class ExportVerb implements Callable<Integer> {

    private static final int MOST_NAMED = 20;

    @CommandLine.Mixin
    Data data = new Data();

    @CommandLine.Mixin
    NamedSite site = new NamedSite();

    @Option(
            names = "--to",
            required = true,
            description =
                    "The folder to write: empty, or with an earlier export; then only what has changed is written.")
    Path to = Path.of("");

    @Override
    public Integer call() throws IOException {
        try (OwnFolder own = data.look()) {
            Workspace workspace = site.in(own);
            if (workspace.now().release() == 0) {
                throw Refusal.badInput(
                        "not-released", "site", "This site has not been released yet.", "Release it, then export it.");
            }
            List<String> hosts = workspace.now().working().site().hosts();
            String origin =
                    own.origin().apply(workspace.now().working().site().hosts().get(0));
            HeldSite held = new HeldSite(workspace, own.media(), origin, Instant.now());
            Export.Done done = Export.write(held, workspace.site().text(), hosts, data.file(to));
            data.say(to + "\t" + Words.count(done.files(), "file") + "\t" + done.written() + " written\t"
                    + done.removed() + " removed");
            List<String> leftOut = held.leftOut();
            if (!leftOut.isEmpty()) {
                data.say("Left out, for they are not open to everyone: " + Words.count(leftOut.size(), "page") + ", "
                        + leftOut.stream().limit(MOST_NAMED).collect(Collectors.joining(", "))
                        + (leftOut.size() > MOST_NAMED ? " and others" : ""));
            }
            if (!done.asking().isEmpty()) {
                data.say(
                        "Plain files answer no questions: lists that visitors may choose from show all they have, and nothing"
                                + " is looked for, at " + String.join(", ", done.asking()));
            }
        }
        return 0;
    }
}
