package venue.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.security.Principal;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.fault.Refusal;
import venue.store.account.Account;

/** Signs people in and out. */
@RestController
@RequestMapping("/api")
class SignInController {

    private final AuthenticationManager authentication;
    private final HttpSessionSecurityContextRepository sessions;
    private final Throttle throttle;
    private final People people;
    private final CsrfTokenRepository tokens;
    /** Comparing a password costs on purpose: two at a time, however many ask. */
    private final ExecutorService comparing = Executors.newFixedThreadPool(2, task -> {
        Thread thread = new Thread(task, "passwords");
        thread.setDaemon(true);
        return thread;
    });

    SignInController(
            AuthenticationManager authentication,
            HttpSessionSecurityContextRepository sessions,
            Throttle throttle,
            People people,
            CsrfTokenRepository tokens) {
        this.authentication = authentication;
        this.sessions = sessions;
        this.throttle = throttle;
        this.people = people;
        this.tokens = tokens;
    }

    /** What somebody types to sign in. */
    record SignIn(String email, String password) {}

    /** Who is signed in; 204 when nobody is. Also hands out the CSRF token. */
    @GetMapping("/me")
    ResponseEntity<Person> me(@Nullable Principal principal, CsrfToken token) {
        token.getToken();
        return principal == null ? ResponseEntity.noContent().build() : ResponseEntity.ok(person(principal));
    }

    /** Answered when it has been looked at: after wrong tries that takes up to eight seconds. */
    @PostMapping("/sign-in")
    CompletableFuture<Person> signIn(
            @RequestBody SignIn typed, HttpServletRequest request, HttpServletResponse response) {
        String who = typed.email().strip().toLowerCase(Locale.ROOT);
        String from = request.getRemoteAddr();
        throttle.begin(from);
        return CompletableFuture.supplyAsync(
                        () -> open(who, typed.password(), from, request, response),
                        CompletableFuture.delayedExecutor(throttle.waitMs(who, from), TimeUnit.MILLISECONDS, comparing))
                .whenComplete((person, failure) -> throttle.end(from));
    }

    private Person open(
            String who, String password, String from, HttpServletRequest request, HttpServletResponse response) {
        try {
            Authentication signed =
                    authentication.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(who, password));
            throttle.succeeded(who);
            request.getSession(true);
            request.changeSessionId();
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(signed);
            sessions.saveContext(context, request, response);
            new CsrfAuthenticationStrategy(tokens).onAuthentication(signed, request, response);
            return person(signed);
        } catch (AuthenticationException e) {
            throttle.failed(who, from);
            throw Refusal.forbidden(
                    "sign-in-failed",
                    "E-mail and password don't belong together.",
                    "Check both; capitals count in the password.");
        }
    }

    @PostMapping("/sign-out")
    ResponseEntity<Void> signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        return ResponseEntity.noContent().build();
    }

    private Person person(Principal principal) {
        Account account = people.require(principal);
        return new Person(account.email(), account.name(), account.role());
    }
}
