package gurukram.web.exchange;

import gurukram.core.text.Refused;
import gurukram.web.shared.NotFound;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.HttpMediaTypeException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** What is wrong with a request of a program, as {@code application/problem+json}. */
@Order(Ordered.HIGHEST_PRECEDENCE)
@RestControllerAdvice(assignableTypes = ApiController.class)
class ApiProblems {
    /** @param problems the places, where there are any */
    record Answer(String type, String title, int status, String detail, List<Fault> problems) {
        static Answer of(HttpStatus status, String title, String detail) {
            return new Answer("about:blank", title, status.value(), detail, List.of());
        }
    }

    static ResponseEntity<Answer> answer(Answer answer) {
        return ResponseEntity.status(answer.status())
                .header(HttpHeaders.CONTENT_TYPE, MediaType.APPLICATION_PROBLEM_JSON_VALUE)
                .body(answer);
    }

    private static ResponseEntity<Answer> answer(HttpStatus status, String title, String detail) {
        return answer(Answer.of(status, title, detail));
    }

    @ExceptionHandler
    ResponseEntity<Answer> unreadable(Unreadable e) {
        int n = e.faults().size();
        String title = n == 1 ? "One place is not understood" : n + " places are not understood";
        int status = HttpStatus.UNPROCESSABLE_CONTENT.value();
        return answer(new Answer("about:blank", title, status, e.faults().get(0).what(), e.faults()));
    }

    @ExceptionHandler
    ResponseEntity<Answer> refused(Refused e) {
        return answer(HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be a class", e.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<Answer> notThere(NotFound e) {
        return answer(HttpStatus.NOT_FOUND, "There is no such class", "None of your classes has this id.");
    }

    @ExceptionHandler
    ResponseEntity<Answer> wrongValue(MethodArgumentTypeMismatchException e) {
        if (e.getName().equals("id")) return notThere(null);
        return answer(
                HttpStatus.BAD_REQUEST, "Not a " + e.getName(), "Levels are BEGINNER, INTERMEDIATE and ADVANCED.");
    }

    @ExceptionHandler
    ResponseEntity<Answer> noVersion(ApiController.VersionMissing e) {
        return answer(
                HttpStatus.PRECONDITION_REQUIRED,
                "Which version was it made from?",
                "Send the ETag of the class you read in If-Match.");
    }

    @ExceptionHandler
    ResponseEntity<Answer> otherPoses(ClassDocuments.OtherPoses e) {
        return answer(
                HttpStatus.CONFLICT,
                "The class carries poses along that are other ones here",
                "They are %s. Say which to keep with ?poses=MINE or ?poses=THEIRS."
                        .formatted(String.join(", ", e.names())));
    }

    @ExceptionHandler
    ResponseEntity<Answer> tooLong(ApiController.TooLong e) {
        return answer(HttpStatus.CONTENT_TOO_LARGE, "That is more than any class", "A class has at most 2 MB.");
    }

    @ExceptionHandler
    ResponseEntity<Answer> oldVersion(ApiController.VersionOld e) {
        return answer(
                HttpStatus.PRECONDITION_FAILED,
                "The class was changed in the meantime",
                "Read it again, and write your change on that.");
    }

    @ExceptionHandler
    ResponseEntity<Answer> wrongForm(HttpMediaTypeException e) {
        HttpStatus status = HttpStatus.valueOf(e.getStatusCode().value());
        return answer(status, "Not in this form", "A class is text/plain or application/json.");
    }
}
