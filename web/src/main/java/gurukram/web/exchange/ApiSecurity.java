package gurukram.web.exchange;

import gurukram.web.shared.Teacher;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Who may use the HTTP interface: whoever is signed in, with the page's token in the header as for every form; or whoever
 * has a personal token, which a browser never sends by itself and so needs no other.
 */
@Configuration
class ApiSecurity {
    private static final String BEARER = "Bearer ";

    @Bean
    @Order(1)
    SecurityFilterChain api(HttpSecurity http, TokenStore tokens) throws Exception {
        http.securityMatcher("/api/**");
        http.authorizeHttpRequests(
                requests -> requests.requestMatchers("/api/openapi", "/api/openapi.yaml", "/api/schema/**")
                        .permitAll()
                        .anyRequest()
                        .authenticated());
        http.csrf(csrf -> csrf.ignoringRequestMatchers(ApiSecurity::hasBearer));
        http.addFilterBefore(new TokenFilter(tokens), CsrfFilter.class);
        http.requestCache(cache -> cache.disable());
        http.exceptionHandling(handling -> handling.authenticationEntryPoint((request, response, e) -> {
                    response.setHeader("WWW-Authenticate", "Bearer");
                    problem(response, HttpStatus.UNAUTHORIZED, "Who are you?", "Sign in, or send a personal token.");
                })
                .accessDeniedHandler((request, response, e) -> problem(
                        response,
                        HttpStatus.FORBIDDEN,
                        "The page’s token is missing",
                        "With a sign-in, send X-CSRF-TOKEN; or use a personal token instead.")));
        return http.build();
    }

    private static boolean hasBearer(HttpServletRequest request) {
        String authorization = request.getHeader("Authorization");
        return authorization != null && authorization.startsWith(BEARER);
    }

    private static void problem(HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        byte[] body = JsonMapper.shared().writeValueAsBytes(ApiProblems.Answer.of(status, title, detail));
        response.getOutputStream().write(body);
    }

    /** Takes the teacher from the token; a wrong one is answered at once, whatever session there is. */
    private static final class TokenFilter extends OncePerRequestFilter {
        private final TokenStore tokens;

        TokenFilter(TokenStore tokens) {
            this.tokens = tokens;
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            if (!hasBearer(request)) {
                chain.doFilter(request, response);
                return;
            }
            String token = request.getHeader("Authorization")
                    .substring(BEARER.length())
                    .strip();
            Optional<Teacher> owner = tokens.owner(ApiToken.hash(token));
            if (owner.isEmpty()) {
                problem(response, HttpStatus.UNAUTHORIZED, "This token is not known", "It may have been taken back.");
                return;
            }
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                    owner.get(), null, List.of(new SimpleGrantedAuthority("TEACHER"))));
            SecurityContextHolder.setContext(context);
            try {
                chain.doFilter(request, response);
            } finally {
                SecurityContextHolder.clearContext();
            }
        }
    }
}
