package gurukram.web.doors;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.HttpSessionCsrfTokenRepository;

/**
 * The token of a page's forms: in the session of who is signed in; in a cookie for a visitor, so that looking at the door stores
 * nothing.
 */
final class FormTokens implements CsrfTokenRepository {
    private final HttpSessionCsrfTokenRepository ofSession = new HttpSessionCsrfTokenRepository();
    private final CookieCsrfTokenRepository ofVisitor = new CookieCsrfTokenRepository();

    FormTokens() {
        ofVisitor.setCookieName("gurukram-visit");
        ofVisitor.setHeaderName("X-CSRF-TOKEN");
        ofVisitor.setCookieCustomizer(
                cookie -> cookie.httpOnly(true).sameSite("Lax").path("/"));
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        return of(request).generateToken(request);
    }

    @Override
    public void saveToken(CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        of(request).saveToken(token, request, response);
    }

    @Override
    public CsrfToken loadToken(HttpServletRequest request) {
        return of(request).loadToken(request);
    }

    private CsrfTokenRepository of(HttpServletRequest request) {
        return request.getSession(false) == null ? ofVisitor : ofSession;
    }
}
