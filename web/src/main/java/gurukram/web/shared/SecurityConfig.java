package gurukram.web.shared;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;

/** Who may see what, and what a browser may do with our pages. */
@Configuration
public class SecurityConfig {
    /** No inline script or style, nothing from elsewhere; {@code data:} pictures are Bootstrap's own arrows. */
    static final String CONTENT_SECURITY_POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; "
            + "img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; "
            + "base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    static final String PERMISSIONS_POLICY =
            "camera=(), microphone=(), geolocation=(), payment=(), usb=(), screen-wake-lock=(self), fullscreen=(self)";

    @Bean
    SecurityFilterChain pages(HttpSecurity http) throws Exception {
        http.authorizeHttpRequests(requests -> requests.requestMatchers(
                        "/sign-in", "/sign-in-failed", "/register", "/demo-sign-in", "/error")
                .permitAll()
                .requestMatchers("/assets/**", "/css/**", "/vendor/**", "/favicon.svg")
                .permitAll()
                .anyRequest()
                .authenticated());
        http.formLogin(form -> form.loginPage("/sign-in")
                .usernameParameter("email")
                .passwordParameter("password")
                .defaultSuccessUrl("/")
                .failureHandler((request, response, failure) -> {
                    request.setAttribute("failure", failure);
                    request.getRequestDispatcher("/sign-in-failed").forward(request, response);
                }));
        http.logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"));
        http.exceptionHandling(handling -> handling.defaultAuthenticationEntryPointFor(
                        new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED), SecurityConfig::isFromScript)
                .defaultAuthenticationEntryPointFor(new LoginUrlAuthenticationEntryPoint("/sign-in"), any -> true));
        http.headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                .permissionsPolicyHeader(policy -> policy.policy(PERMISSIONS_POLICY))
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN))
                .frameOptions(frame -> frame.deny())
                .contentTypeOptions(Customizer.withDefaults()));
        return http.build();
    }

    /** A script wants a status it can show beside what was typed, not the sign-in page in its place. */
    private static boolean isFromScript(HttpServletRequest request) {
        String accept = request.getHeader("Accept");
        return request.getHeader("HX-Request") != null || (accept != null && accept.contains("application/json"));
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    }
}
