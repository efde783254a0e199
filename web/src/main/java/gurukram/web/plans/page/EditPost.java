package gurukram.web.plans.page;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

/**
 * What comes with every edit.
 *
 * @param version the class the page shows
 * @param view the line it shows; empty for the class's own
 * @param panel the part of the class whose panel the edit was made in; empty for the spine
 */
public record EditPost(
        int version, String view, String panel, HttpServletRequest request, HttpServletResponse response) {
    boolean isHtmx() {
        return request.getHeader("HX-Request") != null;
    }
}
