package venue.server.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.security.Principal;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.security.core.AuthenticationException;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Seats;
import venue.store.people.SecondSteps;
import venue.store.people.SignInRules;

class PeopleTest {

    private static final PersonId TOMAS = new PersonId("tomas");

    private static final SiteId SITE = new SiteId("kestrel-moor");

    private final Persons persons = mock(Persons.class);
    private final Seats seats = mock(Seats.class);
    private final SecondSteps secondSteps = mock(SecondSteps.class);
    private final SignInRules rules = mock(SignInRules.class);
    private final People people = new People(persons, seats, secondSteps, rules);
    private final Principal somebody = () -> "tomas";

    @BeforeEach
    void nobody() {
        when(persons.find(new PersonId(anyString()))).thenReturn(Optional.empty());
        when(seats.role(new SiteId(anyString()), any())).thenReturn(Optional.empty());
    }

    private Person is(Person.State state, Role role) {
        Person person = new Person(
                TOMAS, "tomas@kestrel-moor.example", "Tomás Jurado", "hash", false, false, state, "2026", null);
        when(persons.find(TOMAS)).thenReturn(Optional.of(person));
        when(seats.role(SITE, person)).thenReturn(Optional.of(role));
        return person;
    }

    @Test
    void lookingAsAnEditorTakesRightsAwayAndNeverGivesAny() {
        Person manager = is(Person.State.ACTIVE, Role.MANAGER);
        assertThat(people.role(somebody, manager, SITE)).contains(Role.MANAGER);
        assertThat(people.role(new AsEditor(somebody), manager, SITE)).contains(Role.EDITOR);
        assertThat(people.role(somebody, manager, new SiteId("loomgate-yard"))).isEmpty();
        Person editor = is(Person.State.ACTIVE, Role.EDITOR);
        assertThat(people.role(somebody, editor, SITE)).contains(Role.EDITOR);
    }

    @Test
    void whoeverIsGoneOrShutOutIsNobody() {
        assertThatThrownBy(() -> people.require(somebody)).isInstanceOf(AuthenticationException.class);
        is(Person.State.DEACTIVATED, Role.MANAGER);
        assertThatThrownBy(() -> people.require(somebody)).isInstanceOf(AuthenticationException.class);
    }

    @Test
    void whereASecondStepIsAskedNothingButOnesOwnAccountIsOpenWithoutIt() {
        Person person = is(Person.State.ACTIVE, Role.MANAGER);
        when(rules.asksSecondStep()).thenReturn(true);
        assertThat(people.signedIn(somebody)).isEqualTo(person);
        assertThatThrownBy(() -> people.require(somebody))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("second-step-asked"));
        when(secondSteps.isOn(TOMAS)).thenReturn(true);
        assertThat(people.require(somebody)).isEqualTo(person);
    }

    @Test
    void theJournalsPeopleAreCalledByTheirNameOfNow() {
        is(Person.State.ACTIVE, Role.EDITOR);
        assertThat(people.nameOf(TOMAS)).isEqualTo("Tomás Jurado");
        assertThat(people.nameOf(new PersonId("bench"))).as("nobody's account").isEqualTo("bench");
    }
}
