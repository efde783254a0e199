package gurukram.web.doors;

import gurukram.web.shared.ContentPolicy;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.RedirectStrategy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;

/** Who may see what, and what a browser may do with our pages. */
@Configuration
class SecurityConfig {
    @Bean
    SecurityFilterChain pages(HttpSecurity http, RequestCache asked, CsrfTokenRepository tokens, Clock clock)
            throws Exception {
        http.addFilterBefore(new LongestSignIn(clock), SecurityContextHolderFilter.class);
        http.authorizeHttpRequests(requests -> requests.requestMatchers(
                        "/sign-in",
                        "/sign-in-failed",
                        "/register",
                        "/demo-sign-in",
                        "/forgotten",
                        "/forgotten/*",
                        "/passkey/ask",
                        "/passkey/enter",
                        "/health/*",
                        "/metrics",
                        "/error")
                .permitAll()
                .requestMatchers("/assets/**", "/css/**", "/vendor/**", "/favicon.svg")
                .permitAll()
                // the secret in its address is what opens it
                .requestMatchers(HttpMethod.GET, "/follow/**", "/shared/**", "/calendar/feed/**")
                .permitAll()
                .anyRequest()
                .authenticated());
        http.formLogin(form -> form.loginPage("/sign-in")
                .usernameParameter("email")
                .passwordParameter("password")
                .successHandler(backToWhatWasAsked(asked))
                .failureHandler((request, response, failure) -> {
                    request.setAttribute("failure", failure);
                    request.getRequestDispatcher("/sign-in-failed").forward(request, response);
                }));
        http.requestCache(cache -> cache.requestCache(asked));
        http.csrf(csrf -> csrf.csrfTokenRepository(tokens));
        http.logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"));
        http.exceptionHandling(handling -> handling.defaultAuthenticationEntryPointFor(
                        new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED), SecurityConfig::isFromScript)
                .defaultAuthenticationEntryPointFor(new LoginUrlAuthenticationEntryPoint("/sign-in"), any -> true));
        http.headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(ContentPolicy.SOURCES))
                .permissionsPolicyHeader(policy -> policy.policy(ContentPolicy.PERMISSIONS))
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN))
                // what else the studio has under its name is its own
                .httpStrictTransportSecurity(strict -> strict.includeSubDomains(false))
                .frameOptions(frame -> frame.deny())
                .contentTypeOptions(Customizer.withDefaults()));
        return http.build();
    }

    /** A script wants a status it can show beside what was typed, not the sign-in page in its place. */
    private static boolean isFromScript(HttpServletRequest request) {
        String accept = request.getHeader("Accept");
        return request.getHeader("HX-Request") != null || (accept != null && accept.contains("application/json"));
    }

    private static SavedRequestAwareAuthenticationSuccessHandler backToWhatWasAsked(RequestCache asked) {
        SavedRequestAwareAuthenticationSuccessHandler handler = new SavedRequestAwareAuthenticationSuccessHandler();
        handler.setRequestCache(asked);
        handler.setDefaultTargetUrl("/");
        handler.setRedirectStrategy(pathOnly());
        return handler;
    }

    /** Whatever host an address names, the way goes to its path on this one. */
    private static RedirectStrategy pathOnly() {
        return (request, response, url) -> {
            URI asked = URI.create(url);
            String path = asked.getRawPath() == null || !asked.getRawPath().startsWith("/") ? "/" : asked.getRawPath();
            String query = asked.getRawQuery() == null ? "" : "?" + asked.getRawQuery();
            response.sendRedirect(response.encodeRedirectURL("/" + path.replaceAll("^/+", "") + query));
        };
    }

    /** What a visitor asked for before signing in is kept by the browser, not by us. */
    @Bean
    RequestCache whatWasAsked() {
        CookieRequestCache cache = new CookieRequestCache();
        PathPatternRequestMatcher page =
                PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.GET, "/**");
        cache.setRequestMatcher(
                request -> page.matches(request) && isPage(request) && !isFromScript(request) && isShort(request));
        return cache;
    }

    /** A browser asks for its small pictures by itself. */
    private static boolean isPage(HttpServletRequest request) {
        String accept = request.getHeader("Accept");
        return !request.getRequestURI().startsWith("/favicon") && (accept == null || !accept.startsWith("image/"));
    }

    private static boolean isShort(HttpServletRequest request) {
        String query = request.getQueryString();
        return request.getRequestURI().length() + (query == null ? 0 : query.length()) < 1_500;
    }

    @Bean
    CsrfTokenRepository formTokens() {
        return new FormTokens();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }
}
