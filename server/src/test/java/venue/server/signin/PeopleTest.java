package venue.server.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.security.Principal;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import venue.core.edit.Command;
import venue.core.edit.KeepLook;
import venue.core.edit.MakeHome;
import venue.core.edit.SetTitle;
import venue.core.edit.SetValue;
import venue.core.edit.WearLook;
import venue.core.edition.Edition;
import venue.core.fault.Refusal;
import venue.core.value.Value;
import venue.demo.KestrelMoor;
import venue.store.account.Account;
import venue.store.account.Accounts;

class PeopleTest {

    private final Accounts accounts = mock(Accounts.class);
    private final People people = new People(accounts);
    private final Principal somebody = () -> "tomas@kestrel-moor.example";
    private final Edition site = Edition.of(KestrelMoor.items(LocalDate.of(2026, 11, 23)));

    private enum Shaping {
        HOME(new MakeHome("visit")),
        LOOK(new WearLook("chalk")),
        KEEP(new KeepLook("dusk", "mine", "Mine")),
        THEME(new SetValue("dusk", null, null, "bodySize", Value.of(20))),
        FACT(new SetValue("site", null, null, "email", Value.of("x@y.example"))),
        NOTHING_THERE(new SetValue("gone", null, null, "x", Value.of("y")));

        private final Command command;

        Shaping(Command command) {
            this.command = command;
        }
    }

    @BeforeEach
    void nobody() {
        when(accounts.byEmail(anyString())).thenReturn(Optional.empty());
        when(accounts.find(anyString())).thenReturn(Optional.empty());
    }

    private void is(Account.Role role) {
        Account account = new Account("tomas", somebody.getName(), "Tomás Jurado", "hash", role);
        when(accounts.byEmail(somebody.getName())).thenReturn(Optional.of(account));
        when(accounts.find("tomas")).thenReturn(Optional.of(account));
    }

    @ParameterizedTest
    @EnumSource(Shaping.class)
    void whatShapesTheWholeSiteIsTheManagers(Shaping shaping) {
        is(Account.Role.EDITOR);
        assertThatThrownBy(() -> people.requireMay(somebody, shaping.command, site))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("managers-only"));
        is(Account.Role.MANAGER);
        assertThatCode(() -> people.requireMay(somebody, shaping.command, site)).doesNotThrowAnyException();
    }

    @Test
    void editorsWritePages() {
        is(Account.Role.EDITOR);
        assertThatCode(() -> people.requireMay(somebody, new SetTitle("visit", "x"), site))
                .doesNotThrowAnyException();
        Command summary = new SetValue("visit", null, null, "summary", Value.of("x"));
        assertThatCode(() -> people.requireMay(somebody, summary, site)).doesNotThrowAnyException();
    }

    @Test
    void anAccountThatIsGoneHasNoRightsLeft() {
        assertThatThrownBy(() -> people.requireManager(somebody, "release"))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("no-account"));
    }

    @Test
    void theJournalsPeopleAreCalledByTheirNameOfNow() {
        is(Account.Role.EDITOR);
        assertThat(people.nameOf("tomas")).isEqualTo("Tomás Jurado");
        assertThat(people.nameOf("bench")).as("nobody's account").isEqualTo("bench");
    }
}
