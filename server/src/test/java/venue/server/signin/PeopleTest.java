package venue.server.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.security.Principal;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import venue.core.fault.Refusal;
import venue.core.site.Role;
import venue.store.account.Account;
import venue.store.account.Accounts;

class PeopleTest {

    private final Accounts accounts = mock(Accounts.class);
    private final People people = new People(accounts);
    private final Principal somebody = () -> "tomas@kestrel-moor.example";

    @BeforeEach
    void nobody() {
        when(accounts.byEmail(anyString())).thenReturn(Optional.empty());
        when(accounts.find(anyString())).thenReturn(Optional.empty());
    }

    private void is(Role role) {
        Account account = new Account("tomas", somebody.getName(), "Tomás Jurado", "hash", role);
        when(accounts.byEmail(somebody.getName())).thenReturn(Optional.of(account));
        when(accounts.find("tomas")).thenReturn(Optional.of(account));
    }

    @Test
    void lookingAsAnEditorTakesRightsAwayAndNeverGivesAny() {
        is(Role.MANAGER);
        assertThat(People.role(somebody, people.require(somebody))).isEqualTo(Role.MANAGER);
        assertThat(People.role(new AsEditor(somebody), people.require(somebody)))
                .isEqualTo(Role.EDITOR);
        is(Role.EDITOR);
        assertThat(People.role(somebody, people.require(somebody))).isEqualTo(Role.EDITOR);
    }

    @Test
    void anAccountThatIsGoneHasNoRightsLeft() {
        assertThatThrownBy(() -> people.require(somebody))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("no-account"));
    }

    @Test
    void theJournalsPeopleAreCalledByTheirNameOfNow() {
        is(Role.EDITOR);
        assertThat(people.nameOf("tomas")).isEqualTo("Tomás Jurado");
        assertThat(people.nameOf("bench")).as("nobody's account").isEqualTo("bench");
    }
}
