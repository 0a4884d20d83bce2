package venue.server.catalog;

import java.util.List;
import venue.core.model.kind.ReadyKinds;

/** A kind of entries to begin with; {@code make-kind} takes its id as what to copy. */
record ReadyKindInfo(String id, String name, String note) {

    static List<ReadyKindInfo> all() {
        return ReadyKinds.all().stream()
                .map(k -> new ReadyKindInfo(k.id(), k.name(), k.note()))
                .toList();
    }
}
