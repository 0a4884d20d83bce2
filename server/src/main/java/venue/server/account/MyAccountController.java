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
import venue.server.mail.Languages;
import venue.server.mail.MailLetters;
import venue.server.mail.Post;
import venue.server.signin.Entrance;
import venue.server.signin.PasswordWords;
import venue.server.signin.Passwords;
import venue.server.signin.People;
import venue.server.signin.SecondStepCodes;
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
    private final SecondStepCodes codes;
    private final SignInRules rules;
    private final Sessions sessions;
    private final Post post;
    private final MailLetters letters;
    private final Languages languages;

    MyAccountController(
            People people,
            Credentials credentials,
            Passwords passwords,
            PasswordWords passwordWords,
            SecondSteps secondSteps,
            SecondStepCodes codes,
            SignInRules rules,
            Sessions sessions,
            Post post,
            MailLetters letters,
            Languages languages) {
        this.people = people;
        this.credentials = credentials;
        this.passwords = passwords;
        this.passwordWords = passwordWords;
        this.secondSteps = secondSteps;
        this.codes = codes;
        this.rules = rules;
        this.sessions = sessions;
        this.post = post;
        this.letters = letters;
        this.languages = languages;
    }

    /** A new name. */
    record NewName(String name) {}

    /** A new address; the letter that confirms it goes there. */
    record NewAddress(String email) {}

    /** The password of now, and the one from now on: 12 to 128 characters. */
    record NewPassword(String present, String password) {}

    /** The password of now, for what must not be done by whoever finds a window open. */
    record Present(String present) {}

    /** Six digits of the app. */
    record Code(String code) {}

    /** Each good once, told this once. */
    record RecoveryCodes(List<String> codes) {}

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
                post.isSetUp(),
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
        if (!post.isSetUp()) {
            throw Refusal.conflict(
                    "no-mail",
                    "email",
                    "No mail is set up here, so a new address can't be confirmed.",
                    "Ask whoever runs the server to set up mail (see the README).");
        }
        String token = credentials.confirming(me, asked.email());
        post.send(asked.email().strip(), letters.confirm(languages.of(me), token));
    }

    /** Sets a new password and ends one's other sessions. */
    @PostMapping("/password")
    void password(
            Principal principal, @RequestBody NewPassword asked, HttpServletRequest request, HttpSession session) {
        Person me = people.signedIn(principal);
        requirePresent(me, asked.present());
        passwordWords.check(asked.password(), me, me.name());
        credentials.setPassword(by(me, request), me, passwords.encode(asked.password()), session.getId());
        post.tell(me.email(), letters.changed(languages.of(me), MailLetters.Change.PASSWORD));
    }

    @PostMapping("/sessions/end-others")
    Ended endOthers(Principal principal, HttpServletRequest request, HttpSession session) {
        Person me = people.signedIn(principal);
        return new Ended(credentials.endOthers(by(me, request), me, session.getId()));
    }

    /** What an app needs to make codes; they are asked for once one of them has been given. */
    @PostMapping("/second-step/begin")
    SecondStepCodes.Secret beginSecondStep(Principal principal, @RequestBody Present asked) {
        Person me = people.signedIn(principal);
        requirePresent(me, asked.present());
        if (secondSteps.isOn(me.id())) {
            throw Refusal.conflict(
                    "second-step-on",
                    "code",
                    "You have a second step already.",
                    "Take it away first to set up another.");
        }
        return codes.begin(me);
    }

    @PostMapping("/second-step/confirm")
    RecoveryCodes confirmSecondStep(Principal principal, @RequestBody Code asked, HttpServletRequest request) {
        Person me = people.signedIn(principal);
        if (secondSteps.isOn(me.id())) {
            throw Refusal.conflict(
                    "second-step-on", "code", "You have a second step already.", "There is nothing to do.");
        }
        RecoveryCodes recovery = new RecoveryCodes(codes.confirm(by(me, request), me, asked.code()));
        post.tell(me.email(), letters.changed(languages.of(me), MailLetters.Change.SECOND_STEP_BEGUN));
        return recovery;
    }

    @PostMapping("/second-step/end")
    void endSecondStep(Principal principal, @RequestBody Present asked, HttpServletRequest request) {
        Person me = people.signedIn(principal);
        requirePresent(me, asked.present());
        secondSteps.end(by(me, request), me.id());
        post.tell(me.email(), letters.changed(languages.of(me), MailLetters.Change.SECOND_STEP_ENDED));
    }

    private void requirePresent(Person me, String present) {
        if (!passwords.isOf(me, present)) {
            throw Refusal.badInput(
                    "wrong-password",
                    "present",
                    "This is not your present password.",
                    "Type it again; if it is forgotten, sign out and ask for a new one.");
        }
    }

    private static By by(Person me, HttpServletRequest request) {
        return new By(me.id(), request.getRemoteAddr());
    }
}
