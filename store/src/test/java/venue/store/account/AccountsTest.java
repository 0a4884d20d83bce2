package venue.store.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.site.Role;
import venue.store.database.Database;

class AccountsTest {

    @TempDir
    Path folder;

    private Database database;
    private Accounts accounts;

    @BeforeEach
    void open() {
        database = Database.open(folder);
        accounts = new Accounts(database.sql());
    }

    @AfterEach
    void close() {
        database.close();
    }

    private static Account account(String id, String email, String name) {
        return new Account(id, email, name, "hash", Role.EDITOR);
    }

    @Test
    void theAddressIsKnownHoweverItIsWritten() {
        accounts.put(account("maja", " Maja@Kestrel-Moor.example ", "Maja"));
        assertThat(accounts.byEmail("MAJA@kestrel-moor.EXAMPLE").map(Account::id))
                .contains("maja");
        assertThat(accounts.byEmail("maja@kestrel-moor.example' or '1'='1")).isEmpty();
    }

    @Test
    void anAccountPutAgainIsChangedAndNotDoubled() {
        accounts.put(account("maja", "maja@kestrel-moor.example", "Maja"));
        accounts.put(account("maja", "maja@kestrel-moor.example", "Maja Åkerlund"));
        assertThat(accounts.all()).extracting(Account::name).containsExactly("Maja Åkerlund");
        assertThat(accounts.find("maja").map(Account::name)).contains("Maja Åkerlund");
        assertThat(accounts.find("nobody")).isEmpty();
    }

    @Test
    void twoPeopleCannotShareAnAddress() {
        accounts.put(account("maja", "maja@kestrel-moor.example", "Maja"));
        assertThatThrownBy(() -> accounts.put(account("other", "MAJA@kestrel-moor.example", "Maja")))
                .hasMessageContaining("UNIQUE");
    }
}
