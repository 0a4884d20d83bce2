package venue.store.people;

import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** What the installation asks of its people. */
public final class SignInRules {

    private static final String SECOND_STEP = "second-step";
    private static final String ASKED = "asked";
    private static final String FREE = "free";

    private final Database database;
    private final Records records;

    public SignInRules(Database database, Records records) {
        this.database = database;
        this.records = records;
    }

    /** Whether everybody must sign in with a second step. */
    public boolean asksSecondStep() {
        return database.setting(SECOND_STEP).filter(ASKED::equals).isPresent();
    }

    /** Asks a second step of everybody, or no longer. */
    public void askSecondStep(By by, boolean is) {
        database.write(() -> {
            records.write(Deed.SECOND_STEP_ASKED, by, null, null, is ? ASKED : FREE);
            return database.set(SECOND_STEP, is ? ASKED : FREE);
        });
    }
}
