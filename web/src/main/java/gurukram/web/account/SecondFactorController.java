package gurukram.web.account;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A second factor, set up and ended. */
@Controller
class SecondFactorController {
    private final SecondFactor factor;
    private final PresentPassword password;
    private final Sessions sessions;

    SecondFactorController(SecondFactor factor, PresentPassword password, Sessions sessions) {
        this.factor = factor;
        this.password = password;
        this.sessions = sessions;
    }

    @GetMapping("/account/second-factor")
    String show(@AuthenticationPrincipal Teacher teacher, Model model) {
        if (teacher.demo()) throw new NotFound();
        boolean on = factor.isOn(teacher);
        Optional<String> begun = factor.begun(teacher);
        model.addAttribute("on", on);
        model.addAttribute("left", factor.recoveryLeft(teacher));
        model.addAttribute("secret", begun.map(SecondFactorController::groups).orElse(""));
        model.addAttribute(
                "picture",
                begun.map(secret -> picture(SecondFactor.address(teacher, secret)))
                        .orElse(new Picture(0, "")));
        return "account/second-factor";
    }

    /** A square of so many fields, those that are dark as a path. */
    public record Picture(int size, String path) {}

    private static Picture picture(String words) {
        try {
            BitMatrix fields = new QRCodeWriter().encode(words, BarcodeFormat.QR_CODE, 0, 0);
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < fields.getHeight(); y++)
                for (int x = 0; x < fields.getWidth(); x++)
                    if (fields.get(x, y)) path.append("M%d %dh1v1h-1z".formatted(x, y));
            return new Picture(fields.getWidth(), path.toString());
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String groups(String secret) {
        return secret.replaceAll("(.{4})(?!$)", "$1 ");
    }

    /** Whoever asks says the password: a browser that was left open changes nothing. */
    @PostMapping("/account/second-factor/begin")
    String begin(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String current,
            HttpServletResponse response,
            Model model) {
        return afterPassword(teacher, current, response, model, () -> factor.begin(teacher));
    }

    private String afterPassword(
            Teacher teacher, String current, HttpServletResponse response, Model model, Runnable deed) {
        if (teacher.demo()) throw new NotFound();
        Optional<String> problem = password.problem(teacher, current);
        if (problem.isPresent()) return again(teacher, problem.get(), response, model);
        deed.run();
        return "redirect:/account/second-factor";
    }

    private String again(Teacher teacher, String problem, HttpServletResponse response, Model model) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("problem", problem);
        return show(teacher, model);
    }

    @PostMapping("/account/second-factor/confirm")
    String confirm(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String code,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (teacher.demo()) throw new NotFound();
        List<String> recovery = factor.confirm(teacher, code);
        if (recovery.isEmpty()) return again(teacher, "This is not the code of this moment.", response, model);
        sessions.endOthers(teacher, request);
        model.addAttribute("recovery", recovery);
        return show(teacher, model);
    }

    @PostMapping("/account/second-factor/end")
    String end(
            @AuthenticationPrincipal Teacher teacher,
            @RequestParam(defaultValue = "") String current,
            HttpServletResponse response,
            Model model) {
        return afterPassword(teacher, current, response, model, () -> factor.end(teacher));
    }
}
