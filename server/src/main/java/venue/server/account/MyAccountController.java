package venue.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.security.Principal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.session.Session;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.server.mail.Mail;
import venue.server.signin.Entrance;
import venue.server.signin.PasswordWords;
import venue.server.signin.Passwords;
import venue.server.signin.People;
import venue.store.people.Credentials;
import venue.store.people.Person;
import venue.store.people.SecondSteps;
import venue.store.people.SignInRules;
import venue.store.record.By;
import venue.store.session.Sessions;

/** What people do with their own account, with or without a second step. */
@RestController
@RequestMapping("/api/my")
class MyAccountController {

    private final People people;
    private final Credentials credentials;
    private final Passwords passwords;
    private final PasswordWords passwordWords;
    private final SecondSteps secondSteps;
    private final SignInRules rules;
    private final Sessions sessions;
    private final Mail mail;

    MyAccountController(
            People people,
            Credentials credentials,
            Passwords passwords,
            PasswordWords passwordWords,
            SecondSteps secondSteps,
            SignInRules rules,
            Sessions sessions,
            Mail mail) {
        this.people = people;
        this.credentials = credentials;
        this.passwords = passwords;
        this.passwordWords = passwordWords;
        this.secondSteps = secondSteps;
        this.rules = rules;
        this.sessions = sessions;
        this.mail = mail;
    }

    /** A new name. */
    record NewName(String name) {}

    /** A new address; the letter that confirms it goes there. */
    record NewAddress(String email) {}

    /** The password of now, and the one from now on: 12 to 128 characters. */
    record NewPassword(String present, String password) {}

    /** How many sessions were ended. */
    record Ended(int sessions) {}

    @GetMapping
    MyAccount account(Principal principal, HttpSession session) {
        Person me = people.signedIn(principal);
        return new MyAccount(
                me.email(),
                me.name(),
                secondSteps.isOn(me.id()),
                secondSteps.codesLeft(me.id()),
                rules.asksSecondStep(),
                mail.isSetUp(),
                sessions(me.id(), session.getId()));
    }

    private List<MyAccount.MySession> sessions(String person, String mine) {
        Map<String, ? extends Session> all = sessions.of(person);
        return all.values().stream()
                .sorted(Comparator.<Session, java.time.Instant>comparing(Session::getLastAccessedTime)
                        .reversed())
                .map(s -> new MyAccount.MySession(
                        Device.of(Optional.<String>ofNullable(s.getAttribute(Entrance.DEVICE))
                                .orElse("")),
                        s.getCreationTime().toString(),
                        s.getLastAccessedTime().toString(),
                        s.getId().equals(mine)))
                .toList();
    }

    @PostMapping("/name")
    void rename(Principal principal, @RequestBody NewName asked, HttpServletRequest request) {
        Person me = people.signedIn(principal);
        credentials.rename(by(me, request), me, asked.name());
    }

    /** Sends the letter that confirms a new address; until then the present one stays. */
    @PostMapping("/address")
    void move(Principal principal, @RequestBody NewAddress asked) {
        Person me = people.signedIn(principal);
        if (!mail.isSetUp()) {
            throw Refusal.conflict(
                    "no-mail",
                    "email",
                    "No mail is set up here, so a new address can't be confirmed.",
                    "Ask whoever runs the server to set up mail (see the README).");
        }
        String token = credentials.confirming(me, asked.email());
        mail.confirm(me, asked.email().strip(), token);
    }

    /** Sets a new password and ends one's other sessions. */
    @PostMapping("/password")
    void password(
            Principal principal, @RequestBody NewPassword asked, HttpServletRequest request, HttpSession session) {
        Person me = people.signedIn(principal);
        passwords.requirePresent(me, asked.present());
        passwordWords.check(asked.password(), me, me.name());
        credentials.setPassword(by(me, request), me, passwords.encode(asked.password()), session.getId());
        mail.changed(me, Mail.Change.PASSWORD);
    }

    @PostMapping("/sessions/end-others")
    Ended endOthers(Principal principal, HttpServletRequest request, HttpSession session) {
        Person me = people.signedIn(principal);
        return new Ended(credentials.endOthers(by(me, request), me, session.getId()));
    }

    private static By by(Person me, HttpServletRequest request) {
        return new By(me.id(), request.getRemoteAddr());
    }
}
