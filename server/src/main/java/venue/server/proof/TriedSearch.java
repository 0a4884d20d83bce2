package venue.server.proof;

import venue.core.body.search.Searcher;
import venue.core.model.gate.Visitor;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** Looks for something as visitors do, for trying how what is found is set: nothing of it is counted. */
public interface TriedSearch {

    Searcher tried(Workspace workspace, Standing standing, Visitor visitor);
}
