package venue.server.signin;

import org.springframework.beans.factory.annotation.Qualifier;
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
import org.springframework.web.servlet.HandlerExceptionResolver;
import venue.store.account.Account;
import venue.store.account.Accounts;

/** Who may ask for what: everything under {@code /api} needs a session but signing in; writes need the CSRF token. */
@Configuration
class Security {

    private static final String POLICY = "default-src 'self'; img-src 'self' data: *; style-src 'self' 'unsafe-inline';"
            + " frame-src *; frame-ancestors 'none'; base-uri 'none'; form-action 'self'; object-src 'none'";

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http, @Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems)
            throws Exception {
        http.authorizeHttpRequests(r -> r.requestMatchers("/api/sign-in", "/api/me")
                .permitAll()
                .requestMatchers("/api/**")
                .authenticated()
                .anyRequest()
                .permitAll());
        http.csrf(c -> c.spa());
        http.exceptionHandling(e -> e.authenticationEntryPoint(
                        (request, response, refused) -> problems.resolveException(request, response, null, refused))
                .accessDeniedHandler(
                        (request, response, refused) -> problems.resolveException(request, response, null, refused)));
        http.logout(l -> l.disable());
        http.requestCache(c -> c.disable());
        http.headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(POLICY))
                .referrerPolicy(r -> r.policy(
                        org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy
                                .SAME_ORIGIN)));
        return http.build();
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
