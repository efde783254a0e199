package gurukram.web.shared;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What the frame around every page needs to know. */
@ControllerAdvice
class Shell {
    /** @param name of the teacher; null when nobody is signed in */
    record Frame(String name, String path) {}

    @ModelAttribute("frame")
    Frame frame(@AuthenticationPrincipal Teacher teacher, HttpServletRequest request) {
        return new Frame(teacher == null ? null : teacher.name(), request.getRequestURI());
    }
}
