package gurukram.web.exchange;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.Level;
import gurukram.web.account.AccountStore;
import gurukram.web.plans.ClassEditor;
import gurukram.web.plans.ClassId;
import gurukram.web.plans.ClassStore;
import gurukram.web.plans.StoredClass;
import gurukram.web.poses.CarriedPoses;
import gurukram.web.poses.Poses;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import io.swagger.v3.oas.annotations.OpenAPIDefinition;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.info.Info;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What programs do with classes: the same as the pages do, with the same words when something is wrong. */
@OpenAPIDefinition(
        info =
                @Info(
                        title = "Gurukram",
                        version = "1",
                        description =
                                "Classes are text (the notation) or JSON (the schema at /api/schema/class.json)."))
@RestController
class ApiController {
    private static final String TEXT = MediaType.TEXT_PLAIN_VALUE;
    private static final String JSON = MediaType.APPLICATION_JSON_VALUE;
    private static final int MOST_BYTES = 2_000_000;
    private static final String EXAMPLE = "standing:\nhalf moon, both, 4 breaths\n";

    private final ClassDocuments documents;
    private final ClassStore classes;
    private final ClassEditor editor;
    private final AccountStore accounts;
    private final Poses poses;

    ApiController(
            ClassDocuments documents, ClassStore classes, ClassEditor editor, AccountStore accounts, Poses poses) {
        this.documents = documents;
        this.classes = classes;
        this.editor = editor;
        this.accounts = accounts;
        this.poses = poses;
    }

    @Operation(
            summary = "Adds up a class without storing it",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content = {
                                @Content(mediaType = TEXT, examples = @ExampleObject(EXAMPLE)),
                                @Content(mediaType = JSON, schema = @Schema(type = "object"))
                            }))
    @ApiResponse(responseCode = "200", description = "The score")
    @ApiResponse(
            responseCode = "422",
            description = "Some of it is not understood; every place is told",
            content = @Content(mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE))
    @Dear
    @PostMapping(
            value = "/api/score",
            consumes = {TEXT, JSON},
            produces = JSON)
    ScoreAnswer score(
            @AuthenticationPrincipal @Parameter(hidden = true) Teacher teacher,
            @Parameter(hidden = true) HttpServletRequest request,
            @Parameter(description = "Another level than the class’s own") @RequestParam(required = false)
                    Level level) {
        return score(teacher, plan(teacher, request, null), level);
    }

    /** What was sent; {@link TooLong} when it is more than any class. */
    private ClassPlan plan(Teacher teacher, HttpServletRequest request, CarriedPoses.Same same) {
        String document = body(request);
        return isJson(request) ? documents.ofJson(teacher, document, same) : documents.ofText(teacher, document);
    }

    private static String body(HttpServletRequest request) {
        try {
            byte[] bytes = request.getInputStream().readNBytes(MOST_BYTES + 1);
            if (bytes.length > MOST_BYTES) throw new TooLong();
            return new String(bytes, StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static boolean isJson(HttpServletRequest request) {
        return request.getContentType() != null && request.getContentType().startsWith(JSON);
    }

    private ScoreAnswer score(Teacher teacher, ClassPlan plan, Level level) {
        Level at = level == null ? plan.settings().level() : level;
        School school = accounts.school(teacher);
        return ScoreAnswer.of(plan, at, editor.unfolderOf(teacher), school, poses.of(teacher));
    }

    @Operation(summary = "A class as text or as JSON; its version is the ETag")
    @GetMapping(
            value = "/api/classes/{id}",
            produces = {TEXT, JSON})
    ResponseEntity<String> get(
            @AuthenticationPrincipal @Parameter(hidden = true) Teacher teacher,
            @PathVariable @Schema(type = "string", format = "uuid") ClassId id,
            @RequestHeader(value = HttpHeaders.ACCEPT, defaultValue = TEXT) @Parameter(hidden = true) String accept) {
        StoredClass stored = classes.find(teacher, id).orElseThrow(NotFound::new);
        boolean json = accept.contains(JSON);
        return ResponseEntity.ok()
                .eTag(etag(stored))
                .contentType(json ? MediaType.APPLICATION_JSON : utf8())
                .body(json ? documents.json(teacher, stored.plan()) : documents.text(teacher, stored.plan()));
    }

    private static MediaType utf8() {
        return MediaType.parseMediaType("text/plain;charset=UTF-8");
    }

    private static String etag(StoredClass stored) {
        return "\"" + stored.version() + "\"";
    }

    @Operation(
            summary = "Writes a class anew; the ETag it was made from stands in If-Match",
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content = {
                                @Content(mediaType = TEXT, examples = @ExampleObject(EXAMPLE)),
                                @Content(mediaType = JSON, schema = @Schema(type = "object"))
                            }))
    @Dear
    @PutMapping(
            value = "/api/classes/{id}",
            consumes = {TEXT, JSON},
            produces = JSON)
    ResponseEntity<ScoreAnswer> put(
            @AuthenticationPrincipal @Parameter(hidden = true) Teacher teacher,
            @PathVariable @Schema(type = "string", format = "uuid") ClassId id,
            @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String version,
            @Parameter(
                            description =
                                    "What happens to poses the class carries along that are other ones here; asked for with 409")
                    @RequestParam(defaultValue = "ASK")
                    CarriedPoses.Same poses,
            @Parameter(hidden = true) HttpServletRequest request) {
        classes.find(teacher, id).orElseThrow(NotFound::new);
        return put(teacher, id, version, plan(teacher, request, poses), isJson(request));
    }

    private ResponseEntity<ScoreAnswer> put(
            Teacher teacher, ClassId id, String version, ClassPlan plan, boolean named) {
        if (version == null || !version.matches("(?:W/)?\"?\\d{1,9}\"?")) throw new VersionMissing();
        int made = Integer.parseInt(version.replaceAll("\\D", ""));
        StoredClass stored = editor.rewrite(teacher, id, made, plan, named).orElseThrow(VersionOld::new);
        return ResponseEntity.ok().eTag(etag(stored)).body(score(teacher, stored.plan(), null));
    }

    @Operation(summary = "The JSON Schema of a class")
    @GetMapping(value = "/api/schema/class.json", produces = "application/schema+json")
    Resource schema() {
        return new ClassPathResource(ClassDocuments.SCHEMA);
    }

    /** A class cannot be written without saying what it was made from. */
    static final class VersionMissing extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /** More than any class. */
    static final class TooLong extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /** The class has moved on since. */
    static final class VersionOld extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }
}
