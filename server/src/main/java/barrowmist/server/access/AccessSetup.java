package barrowmist.server.access;

import barrowmist.server.web.Problems;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;

/** A lab without accounts is open; a cupper's token narrows what it is sent with to one table. */
@Configuration
class AccessSetup {

    @Bean
    SecurityFilterChain access(HttpSecurity http, SeatTokens tokens) throws Exception {
        return http
                // there is no cookie that another site could ride on, and the doorkeeper refuses other sites before
                // this
                .csrf(AbstractHttpConfigurer::disable)
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                // the headers of every answer stand in one place, in the web room
                .headers(AbstractHttpConfigurer::disable)
                .addFilterBefore(new TokenFilter(tokens), AuthorizationFilter.class)
                .authorizeHttpRequests(all -> all.anyRequest()
                        .access((caller, asked) -> new AuthorizationDecision(Seat.ofCaller()
                                .map(seat -> SeatRules.allow(seat, asked.getRequest()))
                                .orElse(true))))
                .exceptionHandling(e -> e.accessDeniedHandler((request, response, denied) -> refuse(request, response)))
                .build();
    }

    private static void refuse(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Problems.write(
                response,
                HttpServletResponse.SC_FORBIDDEN,
                "Not at this table",
                "A cupper's token opens its own table, and nothing else.");
    }
}
