package gurukram.web.shared;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether the made-up studio is there to be tried, and whether this request may sign in to it with one click. */
@Component
public class Demo {
    public static final String EMAIL = "maren@ropewalk.example";
    public static final String PASSWORD = "half-moon-over-the-harbour";

    private final boolean on;

    public Demo(@Value("${gurukram.demo}") boolean on) {
        this.on = on;
    }

    public boolean isOn() {
        return on;
    }

    /** Only on this machine: both ends of the connection must be loopback addresses. */
    public boolean mayEnter(HttpServletRequest request) {
        return on && isLoopback(request.getRemoteAddr()) && isLoopback(request.getLocalAddr());
    }

    private static boolean isLoopback(String address) {
        try {
            return address != null && InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
