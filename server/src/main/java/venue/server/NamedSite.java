package venue.server;

import picocli.CommandLine.Option;
import venue.store.workspace.Workspace;

/** The site that a verb works on. */
final class NamedSite {

    @Option(names = "--site", required = true, description = "A site's id, or one of its host names.")
    String site = "";

    Workspace in(OwnFolder own) {
        return own.site(site);
    }
}
