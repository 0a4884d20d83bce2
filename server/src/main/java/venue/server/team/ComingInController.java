package venue.server.team;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.server.mail.Mail;
import venue.server.signin.Entrance;
import venue.server.signin.NewPasswords;
import venue.store.people.Credentials;
import venue.store.people.Person;
import venue.store.people.Team;
import venue.store.record.By;

/** What can be done with a link and without being signed in: coming in, setting a password, confirming an address. */
@RestController
@RequestMapping("/api")
class ComingInController {

    private final Team team;
    private final Credentials credentials;
    private final NewPasswords newPasswords;
    private final Entrance entrance;
    private final Mail mail;

    ComingInController(Team team, Credentials credentials, NewPasswords newPasswords, Entrance entrance, Mail mail) {
        this.team = team;
        this.credentials = credentials;
        this.newPasswords = newPasswords;
        this.entrance = entrance;
        this.mail = mail;
    }

    /** What a link holds after its number sign. */
    record Token(String token) {}

    /** Whom a link is for. */
    record Holder(String email, String name) {}

    /** Somebody who comes in for the first time. */
    record Newcomer(String token, String name, String password) {}

    /** A password for which a link was made. */
    record Reset(String token, String password) {}

    @PostMapping("/invitation")
    Holder invitation(@RequestBody Token asked) {
        return holder(team.holder(asked.token()));
    }

    /** Comes in, and is signed in. */
    @PostMapping("/invitation/accept")
    Holder accept(@RequestBody Newcomer asked, HttpServletRequest request, HttpServletResponse response) {
        String hash = newPasswords.made(asked.password(), team.holder(asked.token()), asked.name());
        Person here = team.come(by(request), asked.token(), asked.name(), hash);
        entrance.open(here, request, response);
        return holder(here);
    }

    @PostMapping("/password/link")
    Holder passwordLink(@RequestBody Token asked) {
        return holder(credentials.forgetful(asked.token()));
    }

    /** Sets a new password; one's sessions end, and one signs in with it. */
    @PostMapping("/password/reset")
    Holder reset(@RequestBody Reset asked, HttpServletRequest request) {
        Person person = credentials.forgetful(asked.token());
        String hash = newPasswords.made(asked.password(), person, person.name());
        Holder holder = holder(credentials.reset(by(request), asked.token(), hash));
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
