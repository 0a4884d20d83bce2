package venue.server.proof;

import java.util.Optional;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.edition.usage.FileDoors;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.show.render.OwnHtml;
import venue.core.show.render.ShareCard;
import venue.store.workspace.Standing;

/** Who may have what is made of a page's own content: its files, its picture when it is shared, the HTML that stands in it. All else is for everyone. */
public interface FileDoor {

    boolean lets(Visitor visitor);

    /** The door before a path, as an edition has it; files of what stands around pages are those of the working copy, too. */
    static FileDoor of(Standing standing, Edition edition, String path) {
        if (path.startsWith("/-/media/")) {
            return media(standing, edition, path);
        }
        Optional<String> page = path.startsWith(OwnHtml.WHERE) ? OwnHtml.page(path) : ShareCard.page(path);
        return page.map(id -> ofPage(edition, id)).orElse(visitor -> true);
    }

    /** A file that is on closed pages alone has a door; one that is live nowhere yet has one where it will be on such pages. */
    private static FileDoor media(Standing standing, Edition edition, String path) {
        if (FileDoors.isAround(standing.working(), path)) {
            return visitor -> true;
        }
        FileDoors working = FileDoors.of(standing.working());
        FileDoors live = standing.release() == 0 ? working : FileDoors.of(standing.live());
        if (live.mayHave(path, Visitor.STRANGER)) {
            return visitor -> true;
        }
        return live.isClosed(path) || working.isClosed(path)
                ? visitor -> standing.release() > 0 && FileDoors.of(edition).mayHave(path, visitor)
                : visitor -> live.isKnown(path) || working.isKnown(path);
    }

    private static FileDoor ofPage(Edition edition, String id) {
        Optional<Page> page = edition.page(id);
        return visitor -> page.filter(p -> Gates.of(edition).opens(p, visitor)).isPresent();
    }
}
