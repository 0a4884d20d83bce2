package venue.server.release;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.text.Letters;
import venue.server.here.Here;
import venue.server.seat.Seating;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.workspace.Done;
import venue.store.workspace.Workspace;

/** What follows a release that was made, whoever or whatever made it. */
@Component
class Made {

    private static final int NOTE = 200;

    private final Records records;
    private final Seating seating;

    Made(Records records, Seating seating) {
        this.records = records;
        this.seating = seating;
    }

    Done by(Here here, Done done) {
        return by(here.by(), here.workspace(), done);
    }

    Done by(By by, Workspace workspace, Done done) {
        records.write(
                Deed.RELEASED,
                by,
                workspace.site(),
                null,
                String.valueOf(workspace.now().release()));
        seating.lookAt(workspace.now());
        return done;
    }

    /** A note for the log as it is kept. */
    static String note(@Nullable String written) {
        String note = written == null ? "" : Letters.line(written);
        return note.substring(0, Math.min(NOTE, note.length()));
    }
}
