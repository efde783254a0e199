package gurukram.web.account;

import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Lets somebody in who has shown who she is. */
@Component
public class Entrance {
    private final SecurityContextRepository contexts;
    private final KnownDeviceStore devices;
    private final SignInStore signIns;

    Entrance(SecurityContextRepository contexts, KnownDeviceStore devices, SignInStore signIns) {
        this.signIns = signIns;
        this.contexts = contexts;
        this.devices = devices;
    }

    /** A session of her own under a new name from now on. */
    public void enter(Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) request.changeSessionId();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(TeacherSignIn.tokenFor(teacher));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        Sessions.note(request);
    }

    /** The same with a passkey, in a browser that is known from now on. */
    public void enterWithPasskey(Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
        enter(teacher, request, response);
        devices.remember(teacher);
        signIns.came(teacher, Sessions.browser(request.getHeader("User-Agent")), SignInStore.How.PASSKEY);
    }
}
