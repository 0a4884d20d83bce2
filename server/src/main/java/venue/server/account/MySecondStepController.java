package venue.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.server.mail.Mail;
import venue.server.signin.Passwords;
import venue.server.signin.People;
import venue.server.signin.SecondStepCodes;
import venue.store.people.Person;
import venue.store.people.SecondSteps;
import venue.store.record.By;

/** One's own second step: set up, confirmed, taken away. */
@RestController
@RequestMapping("/api/my/second-step")
class MySecondStepController {

    private final People people;
    private final Passwords passwords;
    private final SecondSteps secondSteps;
    private final SecondStepCodes codes;
    private final Mail mail;

    MySecondStepController(
            People people, Passwords passwords, SecondSteps secondSteps, SecondStepCodes codes, Mail mail) {
        this.people = people;
        this.passwords = passwords;
        this.secondSteps = secondSteps;
        this.codes = codes;
        this.mail = mail;
    }

    /** The password of now, for what must not be done by whoever finds a window open. */
    record Present(String present) {}

    /** Six digits of the app. */
    record Code(String code) {}

    /** Each good once, told this once. */
    record RecoveryCodes(List<String> codes) {}

    /** What an app needs to make codes; they are asked for once one of them has been given. */
    @PostMapping("/begin")
    SecondStepCodes.Secret beginSecondStep(Principal principal, @RequestBody Present asked) {
        Person me = people.signedIn(principal);
        passwords.requirePresent(me, asked.present());
        if (secondSteps.isOn(me.id())) {
            throw Refusal.conflict(
                    "second-step-on",
                    "code",
                    "You have a second step already.",
                    "Take it away first to set up another.");
        }
        return codes.begin(me);
    }

    @PostMapping("/confirm")
    RecoveryCodes confirmSecondStep(Principal principal, @RequestBody Code asked, HttpServletRequest request) {
        Person me = people.signedIn(principal);
        if (secondSteps.isOn(me.id())) {
            throw Refusal.conflict(
                    "second-step-on", "code", "You have a second step already.", "There is nothing to do.");
        }
        RecoveryCodes recovery = new RecoveryCodes(codes.confirm(by(me, request), me, asked.code()));
        mail.changed(me, Mail.Change.SECOND_STEP_BEGUN);
        return recovery;
    }

    @PostMapping("/end")
    void endSecondStep(Principal principal, @RequestBody Present asked, HttpServletRequest request) {
        Person me = people.signedIn(principal);
        passwords.requirePresent(me, asked.present());
        secondSteps.end(by(me, request), me.id());
        mail.changed(me, Mail.Change.SECOND_STEP_ENDED);
    }

    private static By by(Person me, HttpServletRequest request) {
        return new By(me.id(), request.getRemoteAddr());
    }
}
