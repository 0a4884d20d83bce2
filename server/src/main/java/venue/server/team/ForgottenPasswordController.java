package venue.server.team;

import jakarta.servlet.http.HttpServletRequest;
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
import venue.server.mail.Pace;
import venue.store.people.Credentials;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.record.By;

/** Sends a link for a new password to whoever has forgotten theirs. */
@RestController
@RequestMapping("/api")
class ForgottenPasswordController {

    private static final Logger LOG = LoggerFactory.getLogger(ForgottenPasswordController.class);

    private final Persons persons;
    private final Credentials credentials;
    private final Mail mail;
    private final Pace pace;

    ForgottenPasswordController(Persons persons, Credentials credentials, Mail mail, Pace pace) {
        this.persons = persons;
        this.credentials = credentials;
        this.mail = mail;
        this.pace = pace;
    }

    /** Somebody who has forgotten their password. */
    record Forgetful(String email) {}

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
        By by = new By(null, request.getRemoteAddr());
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
}
