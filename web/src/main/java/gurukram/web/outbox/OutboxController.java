package gurukram.web.outbox;

import gurukram.web.shared.Demo;
import gurukram.web.shared.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** What the stand-in would have sent; only in the demo, and only at this machine. */
@Controller
class OutboxController {
    private final Delivery delivery;
    private final Demo demo;

    OutboxController(Delivery delivery, Demo demo) {
        this.delivery = delivery;
        this.demo = demo;
    }

    @GetMapping("/outbox")
    String sent(HttpServletRequest request, Model model) {
        if (!demo.mayEnter(request)) throw new NotFound();
        List<MailStandIn.Sent> sent =
                delivery.standIn().orElseThrow(NotFound::new).sent();
        model.addAttribute("sent", sent);
        return "outbox/outbox";
    }
}
