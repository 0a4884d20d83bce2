package venue.server.team;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.server.mail.Mail;
import venue.server.signin.Entrance;
import venue.server.signin.PasswordWords;
import venue.server.signin.Passwords;
import venue.store.people.Credentials;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Team;
import venue.store.record.By;

/** What can be done with a link and without being signed in: coming in, setting a password, confirming an address. */
@RestController
@RequestMapping("/api")
class ComingInController {

    private static final Logger LOG = LoggerFactory.getLogger(ComingInController.class);

    private final Team team;
    private final Persons persons;
    private final Credentials credentials;
    private final Passwords passwords;
    private final PasswordWords passwordWords;
    private final Entrance entrance;
    private final Mail mail;
    private final Pace pace;

    ComingInController(
            Team team,
            Persons persons,
            Credentials credentials,
            Passwords passwords,
            PasswordWords passwordWords,
            Entrance entrance,
            Mail mail,
            Pace pace) {
        this.team = team;
        this.persons = persons;
        this.credentials = credentials;
        this.passwords = passwords;
        this.passwordWords = passwordWords;
        this.entrance = entrance;
        this.mail = mail;
        this.pace = pace;
    }

    /** What a link holds after its number sign. */
    record Token(String token) {}

    /** Whom a link is for. */
    record Holder(String email, String name) {}

    /** Somebody who comes in for the first time. */
    record Newcomer(String token, String name, String password) {}

    /** A password for which a link was made. */
    record Reset(String token, String password) {}

    /** Somebody who has forgotten their password. */
    record Forgetful(String email) {}

    @PostMapping("/invitation")
    Holder invitation(@RequestBody Token asked) {
        return holder(team.holder(asked.token()));
    }

    /** Comes in, and is signed in. */
    @PostMapping("/invitation/accept")
    Holder accept(@RequestBody Newcomer asked, HttpServletRequest request, HttpServletResponse response) {
        passwordWords.check(asked.password(), team.holder(asked.token()), asked.name());
        Person here = team.come(by(request), asked.token(), asked.name(), passwords.encode(asked.password()));
        entrance.open(here, request, response);
        return holder(here);
    }

    /** The same answer, and as soon, whether the address is known or not. */
    @PostMapping("/password/forgotten")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void forgotten(@RequestBody Forgetful asked, HttpServletRequest request) {
        if (!mail.isSetUp()) {
            throw Refusal.conflict(
                    "no-mail",
                    "email",
                    "No mail is set up here, so no letter can be sent.",
                    "Ask an owner for a link, or on the server: ./venue people reset --email ADDRESS.");
        }
        pace.require(request.getRemoteAddr());
        Optional<Person> person = persons.byEmail(asked.email()).filter(Person::isActive);
        By by = by(request);
        pace.later(() -> person.ifPresent(p -> send(by, p)));
    }

    private void send(By by, Person person) {
        String token = credentials.forgotten(by, person);
        try {
            mail.forgotten(person, token);
        } catch (Refusal e) {
            LOG.warn("A letter for a new password was not sent: {}", e.getMessage());
        }
    }

    @PostMapping("/password/link")
    Holder passwordLink(@RequestBody Token asked) {
        return holder(credentials.forgetful(asked.token()));
    }

    /** Sets a new password; one's sessions end, and one signs in with it. */
    @PostMapping("/password/reset")
    Holder reset(@RequestBody Reset asked, HttpServletRequest request) {
        Person person = credentials.forgetful(asked.token());
        passwordWords.check(asked.password(), person, person.name());
        Holder holder = holder(credentials.reset(by(request), asked.token(), passwords.encode(asked.password())));
        mail.changed(person, Mail.Change.PASSWORD);
        return holder;
    }

    @PostMapping("/address/confirm")
    Holder confirm(@RequestBody Token asked, HttpServletRequest request) {
        return holder(credentials.confirm(by(request), asked.token()));
    }

    private static Holder holder(Person person) {
        return new Holder(person.email(), person.name());
    }

    private static By by(HttpServletRequest request) {
        return new By(null, request.getRemoteAddr());
    }
}
