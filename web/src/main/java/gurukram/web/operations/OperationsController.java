package gurukram.web.operations;

import gurukram.web.shared.NotFound;
import gurukram.web.shared.Outside;
import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** For whoever runs the app and for what stands before it; how it does is told at this machine alone. */
@RestController
class OperationsController {
    private static final MediaType TEXT = MediaType.parseMediaType("text/plain;charset=UTF-8");
    private static final List<String> FORWARDED = List.of("Forwarded", "X-Forwarded-For", "X-Real-IP", "Via");

    private final HealthStore health;
    private final Metrics metrics;

    OperationsController(HealthStore health, Metrics metrics) {
        this.health = health;
        this.metrics = metrics;
    }

    /** It runs. */
    @GetMapping("/health/live")
    ResponseEntity<String> live() {
        return ResponseEntity.ok().contentType(TEXT).body("alive\n");
    }

    /** It can answer: it is open, and the database answers it. */
    @GetMapping("/health/ready")
    ResponseEntity<String> ready() {
        boolean answers = health.answers();
        return ResponseEntity.status(answers ? HttpStatus.OK : HttpStatus.SERVICE_UNAVAILABLE)
                .contentType(TEXT)
                .body(answers ? "ready\n" : "the database does not answer\n");
    }

    @GetMapping("/metrics")
    ResponseEntity<String> metrics(HttpServletRequest request) {
        boolean passedOn = FORWARDED.stream().anyMatch(header -> request.getHeader(header) != null);
        if (passedOn || !isLoopback(request.getRemoteAddr()) || !Outside.isThisMachine(request.getHeader("Host")))
            throw new NotFound();
        return ResponseEntity.ok().contentType(TEXT).body(metrics.text());
    }

    private static boolean isLoopback(String address) {
        try {
            return address != null && InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
