package venue.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.security.Principal;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.store.people.Email;
import venue.store.people.Person;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** Signs people in, in one step or two, and out. */
@RestController
@RequestMapping("/api")
class SignInController {

    private final Passwords passwords;
    private final Throttle throttle;
    private final People people;
    private final SecondStepCodes codes;
    private final Entrance entrance;
    private final Records records;

    SignInController(
            Passwords passwords,
            Throttle throttle,
            People people,
            SecondStepCodes codes,
            Entrance entrance,
            Records records) {
        this.passwords = passwords;
        this.throttle = throttle;
        this.people = people;
        this.codes = codes;
        this.entrance = entrance;
        this.records = records;
    }

    /** What somebody types to sign in. */
    record SignIn(String email, String password) {}

    /** Six digits of the app, or a recovery code. */
    record Code(String code) {}

    /** Who is signed in; 204 when nobody is. Also hands out the CSRF token. */
    @GetMapping("/me")
    ResponseEntity<Me> me(@Nullable Principal principal, CsrfToken token) {
        token.getToken();
        return principal == null ? ResponseEntity.noContent().build() : ResponseEntity.ok(me(principal));
    }

    private Me me(Principal principal) {
        Person person = people.signedIn(principal);
        return new Me(person.id(), person.email(), person.name(), person.owner(), people.lacksSecondStep(person));
    }

    /** Answered when it has been looked at: after wrong tries that takes up to eight seconds. */
    @PostMapping("/sign-in")
    CompletableFuture<SignedIn> signIn(
            @RequestBody SignIn typed, HttpServletRequest request, HttpServletResponse response) {
        String email = Email.normal(typed.email());
        String from = request.getRemoteAddr();
        return slowly(email, request, () -> {
            Person person = known(email, typed.password(), from);
            if (codes.areAskedOf(person.id())) {
                entrance.openHalf(person, request);
                return new SignedIn(true);
            }
            return enter(person, email, request, response);
        });
    }

    /** The second step; up to five minutes after the first. */
    @PostMapping("/sign-in/second")
    CompletableFuture<SignedIn> second(
            @RequestBody Code typed, HttpServletRequest request, HttpServletResponse response) {
        Person person = entrance.half(request)
                .orElseThrow(() -> Refusal.forbidden(
                        "first-step-first",
                        "The password was given too long ago, or not at all.",
                        "Begin with e-mail and password again."));
        String from = request.getRemoteAddr();
        return slowly(person.email(), request, () -> {
            if (!codes.isRight(person.id(), typed.code())) {
                throttle.failed(person.email(), from);
                records.write(Deed.SIGN_IN_FAILED, new By(null, from), null, person.id(), "second step");
                throw Refusal.forbidden(
                        "wrong-code",
                        "This is not the code that the app shows now, or it has been used.",
                        "Wait for the next one, or type one of your recovery codes.");
            }
            return enter(person, person.email(), request, response);
        });
    }

    private SignedIn enter(Person person, String email, HttpServletRequest request, HttpServletResponse response) {
        throttle.succeeded(email);
        entrance.open(person, request, response);
        return new SignedIn(false);
    }

    private CompletableFuture<SignedIn> slowly(String who, HttpServletRequest request, Supplier<SignedIn> work) {
        String from = request.getRemoteAddr();
        throttle.begin(from);
        return Left.of(request)
                .thenApplyAsync(
                        left -> work.get(),
                        CompletableFuture.delayedExecutor(
                                throttle.waitMs(who, from), TimeUnit.MILLISECONDS, passwords.comparing()))
                .whenComplete((signed, failure) -> throttle.end(from));
    }

    /** Whoever e-mail and password belong to; why they can't come in is told to those alone who have both. */
    private Person known(String email, String password, String from) {
        Optional<Person> person = people.called(email);
        if (!(person.isPresent() ? passwords.isOf(person.get(), password) : passwords.isNobodys(password))) {
            throttle.failed(email, from);
            records.write(
                    Deed.SIGN_IN_FAILED,
                    new By(null, from),
                    null,
                    person.map(Person::id).orElse(null),
                    "password");
            throw Refusal.forbidden(
                    "sign-in-failed",
                    "E-mail and password don't belong together.",
                    "Check both; capitals count in the password.");
        }
        return person.filter(Person::isActive)
                .orElseThrow(() -> Refusal.forbidden(
                        "deactivated",
                        "This account has been deactivated.",
                        "Ask an owner of this installation to bring you back."));
    }

    @PostMapping("/sign-out")
    ResponseEntity<Void> signOut(@Nullable Principal principal, HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        if (principal != null) {
            PersonId who = new PersonId(principal.getName());
            records.write(Deed.SIGNED_OUT, new By(who, request.getRemoteAddr()), null, who, null);
        }
        return ResponseEntity.noContent().build();
    }
}
