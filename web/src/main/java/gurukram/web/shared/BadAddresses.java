package gurukram.web.shared;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** An address or a form that no page of ours makes is answered as a wrong address or a wrong request, never as our fault. */
@ControllerAdvice
class BadAddresses {
    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    void wrongId(MethodArgumentTypeMismatchException e, HttpServletResponse response) throws IOException {
        response.sendError(
                e.getParameter().hasParameterAnnotation(PathVariable.class)
                        ? HttpServletResponse.SC_NOT_FOUND
                        : HttpServletResponse.SC_BAD_REQUEST);
    }

    @ExceptionHandler({MissingServletRequestParameterException.class, WrongRequest.class})
    void wrongForm(HttpServletResponse response) throws IOException {
        response.sendError(HttpServletResponse.SC_BAD_REQUEST);
    }

    @ExceptionHandler(Busy.class)
    void busy(Busy e, HttpServletResponse response) throws IOException {
        response.setHeader("Retry-After", String.valueOf(e.seconds()));
        response.setHeader("X-Busy", "yes");
        response.sendError(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
    }
}
