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
        return database.sql()
                .sql("select exists (select 1 from setting where key = :key and value = :asked)")
                .param("key", SECOND_STEP)
                .param("asked", ASKED)
                .query(Boolean.class)
                .single();
    }

    /** Asks a second step of everybody, or no longer. */
    public void askSecondStep(By by, boolean is) {
        database.write(() -> {
            records.write(Deed.SECOND_STEP_ASKED, by, null, null, is ? ASKED : FREE);
            return database.sql()
                    .sql("insert into setting (key, value) values (:key, :value)"
                            + " on conflict (key) do update set value = excluded.value")
                    .param("key", SECOND_STEP)
                    .param("value", is ? ASKED : FREE)
                    .update();
        });
    }
}
