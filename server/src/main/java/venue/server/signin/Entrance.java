package venue.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.preauth.PreAuthenticatedAuthenticationToken;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;
import venue.core.basics.item.PersonId;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.session.Sessions;

/** Opens sessions: whoever comes in gets a new one, whatever they came with. */
@Component
public class Entrance {

    /** The attribute that holds the words of the device on which a session was begun. */
    public static final String DEVICE = "venue.device";

    private static final String HALF = "venue.half";
    private static final String HALF_SINCE = "venue.half-since";
    private static final Duration HALF_FOR = Duration.ofMinutes(5);
    private static final int DEVICE_LENGTH = 400;

    private final HttpSessionSecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
    private final CsrfTokenRepository tokens;
    private final Persons persons;
    private final Records records;
    private final InstantSource clock;

    Entrance(CsrfTokenRepository tokens, Persons persons, Records records, InstantSource clock) {
        this.tokens = tokens;
        this.persons = persons;
        this.records = records;
        this.clock = clock;
    }

    /** Signs somebody in. */
    public void open(Person person, HttpServletRequest request, HttpServletResponse response) {
        HttpSession session = begun(request);
        session.removeAttribute(HALF);
        session.setAttribute(Sessions.PERSON, person.id().text());
        String device = String.valueOf(request.getHeader("User-Agent"));
        session.setAttribute(DEVICE, device.substring(0, Math.min(DEVICE_LENGTH, device.length())));
        PreAuthenticatedAuthenticationToken signed =
                new PreAuthenticatedAuthenticationToken(person.id().text(), "", List.of());
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(signed);
        contexts.saveContext(context, request, response);
        new CsrfAuthenticationStrategy(tokens).onAuthentication(signed, request, response);
        records.write(Deed.SIGNED_IN, new By(person.id(), request.getRemoteAddr()), null, person.id(), null);
        persons.seen(person.id());
    }

    /** Remembers for five minutes who has given their password and not their second step yet. */
    void openHalf(Person person, HttpServletRequest request) {
        HttpSession session = begun(request);
        session.setAttribute(HALF, person.id().text());
        session.setAttribute(HALF_SINCE, clock.millis());
    }

    private static HttpSession begun(HttpServletRequest request) {
        HttpSession before = request.getSession(false);
        if (before != null) {
            before.invalidate();
        }
        return request.getSession(true);
    }

    /** Who has given their password and not their second step yet. */
    Optional<Person> half(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session == null
                || !(session.getAttribute(HALF) instanceof String person)
                || !(session.getAttribute(HALF_SINCE) instanceof Long since)
                || clock.millis() - since > HALF_FOR.toMillis()) {
            return Optional.empty();
        }
        return persons.find(new PersonId(person)).filter(Person::isActive);
    }
}
