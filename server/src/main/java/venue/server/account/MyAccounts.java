package venue.server.account;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;
import venue.core.basics.item.PersonId;
import venue.server.mail.Mail;
import venue.server.signin.Entrance;
import venue.store.people.Person;
import venue.store.people.SecondSteps;
import venue.store.people.SignInRules;
import venue.store.session.Sessions;

/** What people are told of their own account. */
@Component
class MyAccounts {

    private final SecondSteps secondSteps;
    private final SignInRules rules;
    private final Sessions sessions;
    private final Mail mail;

    MyAccounts(SecondSteps secondSteps, SignInRules rules, Sessions sessions, Mail mail) {
        this.secondSteps = secondSteps;
        this.rules = rules;
        this.sessions = sessions;
        this.mail = mail;
    }

    /** @param session the id of the one that asks */
    MyAccount of(Person me, String session) {
        return new MyAccount(
                me.email(),
                me.name(),
                secondSteps.isOn(me.id()),
                secondSteps.codesLeft(me.id()),
                rules.asksSecondStep(),
                mail.isSetUp(),
                sessions(me.id(), session));
    }

    private List<MyAccount.MySession> sessions(PersonId person, String mine) {
        Map<String, ? extends Session> all = sessions.of(person);
        return all.values().stream()
                .sorted(Comparator.<Session, Instant>comparing(Session::getLastAccessedTime)
                        .reversed())
                .map(s -> new MyAccount.MySession(
                        Device.of(Optional.<String>ofNullable(s.getAttribute(Entrance.DEVICE))
                                .orElse("")),
                        s.getCreationTime().toString(),
                        s.getLastAccessedTime().toString(),
                        s.getId().equals(mine)))
                .toList();
    }
}
