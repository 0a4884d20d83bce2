package venue.server.signin;

import jakarta.servlet.DispatcherType;
import java.util.EnumSet;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.session.config.annotation.web.http.EnableSpringHttpSession;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;
import venue.server.app.Installation;
import venue.server.app.SafeHeaders;
import venue.server.app.Settings;
import venue.server.intake.Room;
import venue.server.intake.UploadGate;

/** Who may ask for what: everything under {@code /api} needs a session but signing in; writes need the CSRF token. */
@Configuration(proxyBeanMethods = false)
@EnableSpringHttpSession
class Security {

    /** What can be asked for by somebody who is not signed in. */
    private static final String[] OPEN = {
        "/api/me",
        "/api/sign-in",
        "/api/sign-in/second",
        "/api/sign-out",
        "/api/set-up/**",
        "/api/invitation/**",
        "/api/password/**",
        "/api/address/**"
    };

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http,
            @Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems,
            CsrfTokenRepository tokens,
            SafeHeaders headers,
            Room room)
            throws Exception {
        http.addFilterBefore(new UploadGate(room), CsrfFilter.class);
        http.authorizeHttpRequests(r -> r.requestMatchers(OPEN)
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
    CsrfTokenRepository tokens(Settings settings, Installation installation) {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieName("XSRF-TOKEN-" + installation.id());
        tokens.setCookieCustomizer(c -> c.sameSite("Strict").secure(settings.isSecure()));
        return tokens;
    }

    /** The session's cookie; where people come over TLS, it is never sent without it, nor to another host or path. */
    @Bean
    CookieSerializer sessionCookie(Settings settings, Installation installation) {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName((settings.isSecure() ? "__Host-venue-session-" : "venue-session-") + installation.id());
        cookie.setCookiePath("/");
        cookie.setSameSite("Lax");
        cookie.setUseHttpOnlyCookie(true);
        cookie.setUseSecureCookie(settings.isSecure());
        return cookie;
    }

    /** Sessions are kept after requests that are answered later, too: signing in is one. */
    @Bean
    FilterRegistrationBean<SessionRepositoryFilter<?>> sessionsKept(SessionRepositoryFilter<?> filter) {
        FilterRegistrationBean<SessionRepositoryFilter<?>> registered = new FilterRegistrationBean<>(filter);
        registered.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC, DispatcherType.ERROR));
        registered.setOrder(SessionRepositoryFilter.DEFAULT_ORDER);
        return registered;
    }

    /** Around the sessions, for the first dispatch alone: {@link Left} says why. */
    @Bean
    FilterRegistrationBean<Left> left() {
        FilterRegistrationBean<Left> registered = new FilterRegistrationBean<>(new Left());
        registered.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST));
        registered.setOrder(SessionRepositoryFilter.DEFAULT_ORDER - 1);
        return registered;
    }

    /** Nobody is looked up by the framework: {@link SignInController} does. */
    @Bean
    UserDetailsService nobody() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }
}
