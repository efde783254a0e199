package gurukram.web.account;

import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.function.Predicate;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where a teacher is signed in. */
@Component
class Sessions {
    private static final String BROWSER = "browser";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Sessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /**
     * One sign-in.
     *
     * @param mark tells it from the others, without being the secret that opens it
     * @param browser in words, as in {@code Firefox on Linux}
     * @param here whether it is the one that asks
     */
    record SignedIn(String mark, String browser, Instant since, Instant last, boolean here) {}

    /** Notes which browser has signed in. */
    static void note(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) session.setAttribute(BROWSER, browser(request.getHeader("User-Agent")));
    }

    /** The latest used first. */
    List<SignedIn> of(Teacher teacher, HttpServletRequest request) {
        String here = hereId(request);
        return sessions.findByPrincipalName(teacher.email()).values().stream()
                .map(session -> {
                    String browser = session.getAttribute(BROWSER);
                    return new SignedIn(
                            mark(session.getId()),
                            browser == null ? "a browser" : browser,
                            session.getCreationTime(),
                            session.getLastAccessedTime(),
                            session.getId().equals(here));
                })
                .sorted(Comparator.comparing(SignedIn::here)
                        .thenComparing(SignedIn::last)
                        .reversed())
                .toList();
    }

    /** Ends one that {@link SignedIn#mark} names; false when there is none such. */
    boolean end(Teacher teacher, String mark) {
        return end(teacher, id -> mark(id).equals(mark)) > 0;
    }

    /** Ends all but the one that asks; how many those were. */
    int endOthers(Teacher teacher, HttpServletRequest request) {
        String here = hereId(request);
        return end(teacher, id -> !id.equals(here));
    }

    /** Ends all sign-ins of an account. */
    void endAll(String email) {
        List.copyOf(sessions.findByPrincipalName(email).keySet()).forEach(sessions::deleteById);
    }

    private int end(Teacher teacher, Predicate<String> which) {
        List<String> ended = sessions.findByPrincipalName(teacher.email()).keySet().stream()
                .filter(which)
                .toList();
        ended.forEach(sessions::deleteById);
        return ended.size();
    }

    private static String hereId(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? "" : session.getId();
    }

    private static String mark(String id) {
        return HexFormat.of().formatHex(Secrets.hash(id), 0, 16);
    }

    /** What a browser says of itself, in words; only what is known is told. */
    static String browser(String agent) {
        if (agent == null) return "a program";
        String name = agent.contains("Firefox/") || agent.contains("FxiOS/")
                ? "Firefox"
                : agent.contains("Edg/") || agent.contains("EdgA/")
                        ? "Edge"
                        : agent.contains("Chrome/") || agent.contains("CriOS/")
                                ? "Chrome"
                                : agent.contains("Safari/") ? "Safari" : "a browser";
        String machine = agent.contains("iPhone")
                ? "iPhone"
                : agent.contains("iPad")
                        ? "iPad"
                        : agent.contains("Android")
                                ? "Android"
                                : agent.contains("Windows")
                                        ? "Windows"
                                        : agent.contains("Mac OS") ? "a Mac" : agent.contains("Linux") ? "Linux" : "";
        return machine.isEmpty() ? name : name + " on " + machine;
    }
}
