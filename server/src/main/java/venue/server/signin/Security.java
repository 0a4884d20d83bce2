package venue.server.signin;

import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.web.servlet.ServletContextInitializer;
import org.springframework.boot.web.servlet.ServletListenerRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.session.HttpSessionEventPublisher;
import org.springframework.web.servlet.HandlerExceptionResolver;
import venue.server.app.SafeHeaders;
import venue.server.app.Settings;
import venue.server.intake.Room;
import venue.server.intake.UploadGate;
import venue.store.account.Account;
import venue.store.account.Accounts;

/** Who may ask for what: everything under {@code /api} needs a session but signing in; writes need the CSRF token. */
@Configuration
class Security {

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http,
            @Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems,
            CsrfTokenRepository tokens,
            SafeHeaders headers,
            Room room)
            throws Exception {
        http.addFilterBefore(new UploadGate(room), CsrfFilter.class);
        http.authorizeHttpRequests(r -> r.requestMatchers("/api/sign-in", "/api/me")
                .permitAll()
                .requestMatchers("/api/**")
                .authenticated()
                .anyRequest()
                .permitAll());
        http.csrf(c -> c.spa().csrfTokenRepository(tokens));
        http.exceptionHandling(e -> e.authenticationEntryPoint(
                        (request, response, refused) -> problems.resolveException(request, response, null, refused))
                .accessDeniedHandler(
                        (request, response, refused) -> problems.resolveException(request, response, null, refused)));
        http.logout(l -> l.disable());
        http.requestCache(c -> c.disable());
        http.headers(h -> h.addHeaderWriter(headers)
                .referrerPolicy(r -> r.policy(
                        org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy
                                .SAME_ORIGIN)));
        return http.build();
    }

    /** The token that writes carry, in a cookie that our own pages alone send and read. */
    @Bean
    CsrfTokenRepository tokens(Settings settings) {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(c -> c.sameSite("Strict").secure(settings.isSecure()));
        return tokens;
    }

    /** Where people come over TLS, the session's cookie is never sent without it. */
    @Bean
    ServletContextInitializer sessionCookie(Settings settings) {
        return context -> context.getSessionCookieConfig().setSecure(settings.isSecure());
    }

    /** Tells of sessions that end, so that what hung on them ends too. */
    @Bean
    ServletListenerRegistrationBean<HttpSessionEventPublisher> sessionsEnd() {
        return new ServletListenerRegistrationBean<>(new HttpSessionEventPublisher());
    }

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder();
    }

    @Bean
    HttpSessionSecurityContextRepository sessions() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    UserDetailsService userDetails(Accounts accounts) {
        return email -> {
            Account account = accounts.byEmail(email).orElseThrow(() -> new UsernameNotFoundException(email));
            return User.withUsername(account.email())
                    .password(account.password())
                    .roles(account.role().name())
                    .build();
        };
    }

    @Bean
    AuthenticationManager authentication(UserDetailsService people, PasswordEncoder passwords) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(people);
        provider.setPasswordEncoder(passwords);
        return new ProviderManager(provider);
    }
}
