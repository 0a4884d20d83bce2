package venue.store.people;

import venue.store.database.Database;

/** What the installation asks of its people. */
public final class SignInRules {

    private static final String SECOND_STEP = "second-step";

    private final Database database;

    public SignInRules(Database database) {
        this.database = database;
    }

    /** Whether everybody must sign in with a second step. */
    public boolean asksSecondStep() {
        return database.sql()
                .sql("select exists (select 1 from setting where key = :key and value = 'asked')")
                .param("key", SECOND_STEP)
                .query(Boolean.class)
                .single();
    }

    void askSecondStep(boolean is) {
        database.sql()
                .sql("insert into setting (key, value) values (:key, :value)"
                        + " on conflict (key) do update set value = excluded.value")
                .param("key", SECOND_STEP)
                .param("value", is ? "asked" : "free")
                .update();
    }
}
