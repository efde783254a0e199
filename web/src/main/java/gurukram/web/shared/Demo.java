package gurukram.web.shared;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether the made-up studio is there to be tried, and whether this request may sign in to it. */
@Component
public class Demo {
    public static final String EMAIL = "maren@ropewalk.example";
    public static final String PASSWORD = "half-moon-over-the-harbour";

    private static final List<String> FORWARDED = List.of("Forwarded", "X-Forwarded-For", "X-Real-IP", "Via");

    private final boolean on;

    /** Everybody can read the demo's password: behind a proxy there is no demo. */
    public Demo(@Value("${gurukram.demo}") boolean on, Outside outside) {
        this.on = on && !outside.isBehindProxy();
    }

    public boolean isOn() {
        return on;
    }

    /** Only for somebody at this machine: neither the connection nor what the browser says of itself comes from elsewhere. */
    public boolean mayEnter(HttpServletRequest request) {
        boolean passedOn = FORWARDED.stream().anyMatch(header -> request.getHeader(header) != null);
        String origin = request.getHeader("Origin");
        return on
                && !passedOn
                && isLoopback(request.getRemoteAddr())
                && isLoopback(request.getLocalAddr())
                && Outside.isThisMachine(request.getHeader("Host"))
                && (origin == null || Outside.isThisMachine(URI.create(origin).getAuthority()));
    }

    private static boolean isLoopback(String address) {
        try {
            return address != null && InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
