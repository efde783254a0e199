package gurukram.web.takeaway;

import gurukram.core.text.Refused;
import gurukram.web.account.AccountStore;
import gurukram.web.account.SignInBrake;
import gurukram.web.account.Zones;
import gurukram.web.shared.Dear;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import gurukram.web.studio.Houses;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Everything out, everything back, and the end of an account. */
@Controller
class TakeawayController {
    /** With pieces of a megabyte, twice what a very busy year comes to. */
    private static final int MOST_PIECES = 200;

    private static final int MOST_A_PIECE = 1_500_000;

    private final Taking taking;
    private final Bringing bringing;
    private final TakeawayStore store;
    private final FarewellStore farewell;
    private final AccountStore accounts;
    private final PasswordEncoder passwords;
    private final SignInBrake brake;
    private final Houses houses;
    private final Zones zones;

    TakeawayController(
            Taking taking,
            Bringing bringing,
            TakeawayStore store,
            FarewellStore farewell,
            AccountStore accounts,
            PasswordEncoder passwords,
            SignInBrake brake,
            Houses houses,
            Zones zones) {
        this.houses = houses;
        this.taking = taking;
        this.bringing = bringing;
        this.store = store;
        this.farewell = farewell;
        this.accounts = accounts;
        this.passwords = passwords;
        this.brake = brake;
        this.zones = zones;
    }

    @ModelAttribute("demo")
    boolean isDemo(@AuthenticationPrincipal Teacher teacher) {
        return teacher.demo();
    }

    @GetMapping("/account/everything")
    String page() {
        return "takeaway/everything";
    }

    @Dear
    @GetMapping("/account/everything.zip")
    void everything(@AuthenticationPrincipal Teacher teacher, HttpServletResponse response) throws IOException {
        String name = "gurukram-%s.zip".formatted(zones.today(teacher));
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename(name, StandardCharsets.UTF_8)
                        .build()
                        .toString());
        taking.write(teacher, response.getOutputStream());
    }

    /** A piece of a file that is too large for one request; the first forgets what was sent before. */
    @PostMapping("/account/everything/pieces/{n}")
    ResponseEntity<Void> piece(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable int n,
            @RequestBody(required = false) byte[] bytes) {
        if (n < 0 || n >= MOST_PIECES || bytes == null || bytes.length == 0 || bytes.length > MOST_A_PIECE)
            return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).build();
        store.piece(teacher, n, bytes);
        return ResponseEntity.noContent().build();
    }

    /** What the file would do. @param file the whole of a small one, where its pieces were not sent before */
    @Dear
    @PostMapping("/account/everything")
    String look(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(required = false) MultipartFile file,
            HttpServletResponse response,
            Model model)
            throws IOException {
        try {
            if (file != null && !file.isEmpty()) inPieces(teacher, file.getBytes());
            model.addAttribute("look", bringing.look(teacher));
            return "takeaway/look";
        } catch (Refused e) {
            store.forget(teacher);
            return refused(response, model, e.getMessage());
        }
    }

    private void inPieces(Teacher teacher, byte[] bytes) {
        for (int n = 0; n * MOST_A_PIECE < bytes.length; n++)
            store.piece(
                    teacher,
                    n,
                    Arrays.copyOfRange(bytes, n * MOST_A_PIECE, Math.min(bytes.length, (n + 1) * MOST_A_PIECE)));
    }

    /** @param other {@code theirs} to take what is different from the file, {@code mine} to keep what is here */
    @Dear
    @PostMapping("/account/everything/take")
    String take(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "mine") String other,
            HttpServletResponse response,
            Model model) {
        try {
            Bringing.Done done = bringing.take(teacher, other.equals("theirs"));
            List<String> taken = new ArrayList<>();
            done.taken().forEach((kind, n) -> taken.add(kind.words(n)));
            model.addAttribute("taken", String.join(", ", taken));
            model.addAttribute("left", done.left());
            return "takeaway/brought";
        } catch (Refused e) {
            return refused(response, model, e.getMessage());
        }
    }

    private static String refused(HttpServletResponse response, Model model, String why) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("problem", why);
        return "takeaway/everything";
    }

    /** Everything goes; the password is asked for once more. */
    @PostMapping("/account/delete")
    String delete(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String password,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (teacher.demo()) throw new NotFound();
        String problem = "";
        long wait = brake.takePresentPassword(teacher.email());
        if (wait > 0) problem = "That was tried too often. Please wait %d seconds, then try again.".formatted(wait);
        else if (!passwords.matches(
                password, accounts.byEmail(teacher.email()).orElseThrow().passwordHash()))
            problem = "This is not your password. Nothing is deleted.";
        else if (!houses.heldBy(teacher).isEmpty())
            problem = "Others are in %s, and only you have it: hand it over first. Nothing is deleted."
                    .formatted(String.join(" and ", houses.heldBy(teacher)));
        if (!problem.isEmpty()) {
            response.setStatus((wait > 0 ? HttpStatus.TOO_MANY_REQUESTS : HttpStatus.UNPROCESSABLE_CONTENT).value());
            model.addAttribute("passwordProblem", problem);
            return "takeaway/everything";
        }
        farewell.delete(teacher);
        brake.rightPresentPassword(teacher.email());
        request.getSession().invalidate();
        return "redirect:/sign-in";
    }
}
