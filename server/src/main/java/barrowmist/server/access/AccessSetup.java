package barrowmist.server.access;

import barrowmist.server.web.Problems;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.NullSecurityContextRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/** Who may ask for what: an open lab's own computer, those who signed in by their role, a script by its token's, a seat. */
@Configuration
class AccessSetup {

    private final OpenLab lab;
    private final Members members;
    private final Operations operations;

    AccessSetup(OpenLab lab, Members members, Operations operations) {
        this.lab = lab;
        this.members = members;
        this.operations = operations;
    }

    @Bean
    SecurityFilterChain access(HttpSecurity http, SeatTokens seats) throws Exception {
        return http
                // another site can ride on a cookie only: a call with a token, or without a session, needs no proof
                .csrf(c -> c.spa()
                        .ignoringRequestMatchers(
                                r -> r.getHeader(HttpHeaders.AUTHORIZATION) != null || r.getSession(false) == null))
                // a session holds a person's id alone, and CallerFilter reads it; SignedIn gives a new one at each
                // signing in,
                // and nobody else may, or a page that asks for two things at once would lose it
                .sessionManagement(AbstractHttpConfigurer::disable)
                .securityContext(c -> c.securityContextRepository(new NullSecurityContextRepository()))
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                // the headers of every answer stand in one place, in the web room
                .headers(AbstractHttpConfigurer::disable)
                .addFilterBefore(new CallerFilter(seats, members), CsrfFilter.class)
                .addFilterBefore(new BodyPermits(this::known), CsrfFilter.class)
                .authorizeHttpRequests(all -> all
                        // the end of a stream, and the page that says what went wrong, belong to a call that was let in
                        .dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/api/session")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/session", "/api/session/first", "/api/session/recovery")
                        // who signs in is a person with a password: a token has its own way in, and no session
                        .access((caller, asked) -> new AuthorizationDecision(
                                asked.getRequest().getHeader(HttpHeaders.AUTHORIZATION) == null))
                        .requestMatchers("/api/**", "/v3/**")
                        .access((caller, asked) -> new AuthorizationDecision(may(asked.getRequest())))
                        // the pages themselves hold nothing of the lab
                        .anyRequest()
                        .permitAll())
                .exceptionHandling(e -> e.accessDeniedHandler((request, response, denied) -> refuse(request, response))
                        .authenticationEntryPoint((request, response, denied) -> ask(response)))
                .build();
    }

    @Bean
    static CookieSerializer sessionCookie() {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName("barrowmist");
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Strict");
        // and Secure whenever the call came by HTTPS
        return cookie;
    }

    @Bean
    static PasswordEncoder passwords() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    private boolean known(HttpServletRequest request) {
        return Seat.ofCaller().isPresent() || Member.ofCaller().isPresent() || lab.open(request);
    }

    private boolean may(HttpServletRequest request) {
        Optional<Operations.Called> called = operations.called(request);
        Optional<Seat> seat = Seat.ofCaller();
        if (seat.isPresent()) {
            return called.filter(c -> SeatRules.allow(seat.get(), c)).isPresent();
        }
        Optional<Member> member = Member.ofCaller();
        if (member.isPresent()) {
            // where there is no operation there is nothing to guard: the answer is that there is nothing
            return called.map(c -> RoleRules.allow(member.get(), c))
                    .orElse(member.get().role() == Role.LEAD);
        }
        return lab.open(request) || called.filter(SeatRules::joins).isPresent() && members.any();
    }

    private void refuse(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String why = Member.ofCaller()
                .map(m -> m.script()
                        ? "This is not open to this script's token. Ask the lead."
                        : "This is not open to a " + m.role().name().toLowerCase(Locale.ROOT) + ". Ask the lead.")
                .orElse("A cupper's token opens its own table, and nothing else.");
        // who may ask, and is refused all the same, came without the proof against other sites
        boolean stale = Member.ofCaller().isPresent() && may(request);
        Problems.write(
                response,
                HttpServletResponse.SC_FORBIDDEN,
                "Not open to you",
                stale ? "This page is from before you signed in. Load it again." : why);
    }

    private void ask(HttpServletResponse response) throws IOException {
        SecurityContextHolder.clearContext();
        Problems.write(
                response,
                HttpServletResponse.SC_UNAUTHORIZED,
                "Who are you?",
                members.any()
                        ? "Sign in first."
                        : "This lab has no account yet: make the first one, on the lab's own computer or with the code that"
                                + " Barrowmist printed when it started.");
    }
}
