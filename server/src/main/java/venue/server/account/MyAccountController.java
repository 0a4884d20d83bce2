package venue.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.security.Principal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.server.mail.Mail;
import venue.server.signin.NewPasswords;
import venue.server.signin.People;
import venue.store.people.Credentials;
import venue.store.people.Person;
import venue.store.record.By;

/** What people do with their own account, with or without a second step. */
@RestController
@RequestMapping("/api/my")
class MyAccountController {

    private final People people;
    private final Credentials credentials;
    private final NewPasswords newPasswords;
    private final MyAccounts accounts;
    private final Mail mail;

    MyAccountController(
            People people, Credentials credentials, NewPasswords newPasswords, MyAccounts accounts, Mail mail) {
        this.people = people;
        this.credentials = credentials;
        this.newPasswords = newPasswords;
        this.accounts = accounts;
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
        return accounts.of(people.signedIn(principal), session.getId());
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
        String hash = newPasswords.instead(me, asked.present(), asked.password());
        credentials.setPassword(by(me, request), me, hash, session.getId());
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
