package gurukram.web.exchange;

import gurukram.web.account.SignInBrake;
import gurukram.web.shared.Secrets;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Who may use the HTTP interface: whoever is signed in, with the page's token in the header as for every form; or whoever
 * has a personal token, which a browser never sends by itself and so needs no other.
 */
@Configuration
class ApiSecurity {
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
    private static final String BEARER = "bearer ";

    @Bean
    @Order(1)
    SecurityFilterChain api(HttpSecurity http, TokenStore tokens, SignInBrake brake, CsrfTokenRepository forms)
            throws Exception {
        http.securityMatcher("/api/**");
        http.authorizeHttpRequests(
                requests -> requests.requestMatchers("/api/openapi", "/api/openapi.yaml", "/api/schema/**")
                        .permitAll()
                        .anyRequest()
                        .authenticated());
        http.csrf(csrf -> csrf.csrfTokenRepository(forms).ignoringRequestMatchers(ApiSecurity::hasBearer));
        http.addFilterBefore(new TokenFilter(tokens, brake), CsrfFilter.class);
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
        return authorization != null && authorization.regionMatches(true, 0, BEARER, 0, BEARER.length());
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
        private final SignInBrake brake;

        TokenFilter(TokenStore tokens, SignInBrake brake) {
            this.tokens = tokens;
            this.brake = brake;
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
            Optional<TokenStore.Owner> owner = tokens.owner(Secrets.hash(token));
            if (owner.isEmpty()) {
                unknown(request, response);
                return;
            }
            boolean reads = READING.contains(request.getMethod())
                    || request.getRequestURI().equals("/api/score");
            if (!reads && !owner.get().mayWrite()) {
                problem(
                        response,
                        HttpStatus.FORBIDDEN,
                        "This token only reads",
                        "One that may write is made on the page account, tokens.");
                return;
            }
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                    owner.get().teacher(), null, List.of(new SimpleGrantedAuthority("TEACHER"))));
            SecurityContextHolder.setContext(context);
            try {
                chain.doFilter(request, response);
            } finally {
                SecurityContextHolder.clearContext();
            }
        }

        /** Whoever tries many that nobody has is told to wait. */
        private void unknown(HttpServletRequest request, HttpServletResponse response) throws IOException {
            long wait = brake.takeUnknownToken(request.getRemoteAddr());
            if (wait == 0) {
                problem(
                        response,
                        HttpStatus.UNAUTHORIZED,
                        "This token is not known",
                        "It may have been taken back, or its time is over.");
                return;
            }
            response.setHeader("Retry-After", String.valueOf(wait));
            problem(
                    response,
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Too many unknown tokens",
                    "Wait %d seconds.".formatted(wait));
        }
    }
}
