package venue.store.people;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** Who has a second step, its secret, and the recovery codes, each good once. */
public final class SecondSteps {

    private static final int CODES = 10;

    private final Database database;
    private final Records records;

    public SecondSteps(Database database, Records records) {
        this.database = database;
        this.records = records;
    }

    /**
     * A second step.
     *
     * @param secret shared with the app, in base 32
     * @param confirmed whether a code of it has been given, so that it is asked for
     * @param counter time step of the code used last
     */
    public record SecondStep(String secret, boolean confirmed, long counter) {}

    public Optional<SecondStep> of(PersonId person) {
        return database.sql()
                .sql("select secret, confirmed, counter from second_step where person = :person")
                .param("person", person)
                .query(SecondStep.class)
                .optional();
    }

    /** Whether somebody is asked for a second step. */
    public boolean isOn(PersonId person) {
        return of(person).filter(SecondStep::confirmed).isPresent();
    }

    /** Begins one that is asked for once a code of it has been given; one that is on stays. */
    public void begin(PersonId person, String secret) {
        database.write(() -> database.sql()
                .sql("insert into second_step (person, secret, confirmed, counter) values (:person, :secret, 0, 0)"
                        + " on conflict (person) do update set secret = excluded.secret where confirmed = 0")
                .param("person", person)
                .param("secret", secret)
                .update());
    }

    /** Uses the code of a time step up; false where that or a later one has been used. */
    public boolean use(PersonId person, long counter) {
        return database.write(() -> database.sql()
                        .sql("update second_step set counter = :counter where person = :person and counter < :counter")
                        .param("person", person)
                        .param("counter", counter)
                        .update())
                > 0;
    }

    /** Asks for it from now on; gives the recovery codes, which are told this once. */
    public List<String> confirm(By by, PersonId person, java.util.function.Supplier<String> code) {
        List<String> codes = IntStream.range(0, CODES).mapToObj(i -> code.get()).toList();
        return database.write(() -> {
            database.sql()
                    .sql("update second_step set confirmed = 1 where person = :person")
                    .param("person", person)
                    .update();
            forget(person);
            database.each(
                    "insert into recovery_code (person, hash) values (?, ?)",
                    codes.stream().map(c -> new Object[] {person, hash(c)}).toList());
            records.write(Deed.SECOND_STEP_BEGUN, by, null, person, null);
            return codes;
        });
    }

    /** Uses a recovery code up; false where it is none. */
    public boolean recover(PersonId person, String code) {
        return database.write(() -> database.sql()
                        .sql("delete from recovery_code where person = :person and hash = :hash")
                        .param("person", person)
                        .param("hash", hash(code))
                        .update())
                > 0;
    }

    public int codesLeft(PersonId person) {
        return database.sql()
                .sql("select count(*) from recovery_code where person = :person")
                .param("person", person)
                .query(Integer.class)
                .single();
    }

    public void end(By by, PersonId person) {
        database.write(() -> {
            forget(person);
            database.sql()
                    .sql("delete from second_step where person = :person")
                    .param("person", person)
                    .update();
            records.write(Deed.SECOND_STEP_ENDED, by, null, person, null);
            return person;
        });
    }

    private void forget(PersonId person) {
        database.sql()
                .sql("delete from recovery_code where person = :person")
                .param("person", person)
                .update();
    }

    private static Hash hash(String code) {
        return Hash.over(code);
    }
}
