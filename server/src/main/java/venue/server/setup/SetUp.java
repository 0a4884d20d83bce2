package venue.server.setup;

import java.security.SecureRandom;
import java.util.List;
import org.springframework.stereotype.Component;
import venue.core.basics.item.PersonId;
import venue.core.carry.beginning.NewSite;
import venue.server.app.KnownPeople;
import venue.server.beginning.Beginnings;
import venue.server.beginning.SiteMaker;
import venue.server.signin.PasswordRules;
import venue.server.signin.Passwords;
import venue.store.people.Email;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Team;
import venue.store.record.By;
import venue.store.workspace.Workspace;

/** Makes the first owner and the first site, both or neither. */
@Component
public class SetUp {

    private static final PasswordRules RULES = new PasswordRules();

    private final Team team;
    private final Persons persons;
    private final Passwords passwords;
    private final SiteMaker sites;

    SetUp(Team team, Persons persons, Passwords passwords, SiteMaker sites) {
        this.team = team;
        this.persons = persons;
        this.passwords = passwords;
        this.sites = sites;
    }

    /** The same where no server runs. */
    public static SetUp without(KnownPeople people, SiteMaker sites) {
        return new SetUp(people.team(), people.persons(), new Passwords(people.credentials()), sites);
    }

    /** Who is to own it, and with what the first site is to begin. */
    public record Asked(String name, String email, String password, NewSite site, String beginWith) {}

    /** What has been made. */
    public record Made(Person owner, Workspace workspace) {}

    /**
     * Does it.
     *
     * @param code uses up what lets somebody do it; runs within the one transaction
     */
    public Made begin(By by, Asked asked, Runnable code) {
        team.requireNobody();
        check(asked);
        String hash = passwords.encode(asked.password());
        PersonId id = PersonId.fresh(new SecureRandom());
        By self = new By(id, by.origin());
        Workspace made = sites.make(self, asked.site(), asked.beginWith(), () -> {
            code.run();
            team.found(by, id, asked.email(), asked.name(), hash);
        });
        return new Made(persons.find(id).orElseThrow(), made);
    }

    /** Refuses what can't be, wherever it is to be. */
    public static void check(Asked asked) {
        Beginnings.check(asked.beginWith());
        Email.check(asked.email(), "email");
        List<String> own = List.of(
                asked.name(), asked.email(), asked.site().name(), asked.site().host());
        RULES.check(asked.password(), own);
    }
}
