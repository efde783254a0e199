package gurukram.web.exchange;

import gurukram.core.text.Plain;
import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import gurukram.web.shared.WrongRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The teacher's personal tokens: made, listed, taken back. */
@Controller
class TokenController {
    private static final int MOST_TOKENS = 20;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy, H:mm");

    private final TokenStore tokens;
    private final RandomGenerator random;
    private final Zones zones;

    TokenController(TokenStore tokens, RandomGenerator random, Zones zones) {
        this.zones = zones;
        this.tokens = tokens;
        this.random = random;
    }

    /** How long a token lasts, days. */
    private static final Set<Integer> LASTS = Set.of(30, 90, 365);

    /** One row, in words. */
    public record Row(UUID id, String name, String may, String made, String used) {
        static Row of(ApiToken token, ZoneId zone) {
            String used = token.lastUsedAt() == null ? "never used" : "last used " + day(token.lastUsedAt(), zone);
            String may = token.mayWrite() ? "reads and writes" : "reads";
            String made = "made " + day(token.createdAt(), zone) + ", ends " + day(token.endsAt(), zone);
            return new Row(token.id(), token.name(), may, made, used);
        }

        private static String day(Instant at, ZoneId zone) {
            return DAY.format(at.atZone(zone));
        }
    }

    @GetMapping("/account/tokens")
    String tokens(@AuthenticationPrincipal Teacher teacher, HttpServletResponse response, Model model) {
        return page(teacher, response, model, "", "", "");
    }

    /** The new token is shown in this answer and never again. */
    @PostMapping("/account/tokens")
    String make(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String may,
            @RequestParam(defaultValue = "90") int days,
            HttpServletResponse response,
            Model model) {
        try {
            String plain = Plain.line(name, "The name of a token", 80);
            if (plain.isEmpty()) throw new Refused("What is it for? A name helps you to know it again.");
            if (!LASTS.contains(days)) throw new WrongRequest("no such time");
            String token = ApiToken.make(random);
            boolean writes = may.equals("write");
            if (!tokens.add(teacher, plain, Secrets.hash(token), writes, Duration.ofDays(days), MOST_TOKENS))
                throw new Refused("You have " + MOST_TOKENS + " tokens; take one back first.");
            return page(teacher, response, model, token, "", "");
        } catch (Refused e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(teacher, response, model, "", name, e.getMessage());
        }
    }

    @PostMapping("/account/tokens/{id}/revoke")
    String revoke(@AuthenticationPrincipal Teacher teacher, @PathVariable UUID id) {
        if (!tokens.revoke(teacher, id)) throw new NotFound();
        return "redirect:/account/tokens";
    }

    private String page(
            Teacher teacher, HttpServletResponse response, Model model, String token, String typed, String problem) {
        response.setHeader("Cache-Control", "no-store");
        List<Row> rows = tokens.of(teacher).stream()
                .map(kept -> Row.of(kept, zones.of(teacher)))
                .toList();
        model.addAttribute("rows", rows);
        model.addAttribute("token", token);
        model.addAttribute("typed", typed);
        model.addAttribute("problem", problem.isEmpty() ? null : problem);
        return "exchange/tokens";
    }
}
