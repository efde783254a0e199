package gurukram.web.account;

import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Browsers in which a teacher has signed in before: each keeps a secret, of which only the hash is stored here. */
@Component
class KnownDeviceStore {
    private static final String COOKIE = "gurukram-known";
    private static final int MOST = 20;
    private static final Duration KEPT = Duration.ofDays(400);

    private static final String IS_KNOWN = """
            select count(*) from known_device d join teacher t on t.id = d.teacher_id and t.studio_id = d.studio_id
             where t.email = :email and d.hash = :hash""";
    private static final String REMEMBER = """
            insert into known_device (studio_id, teacher_id, hash, seen_at) values (:studio, :teacher, :hash, :now)
            on conflict (studio_id, teacher_id, hash) do update set seen_at = :now""";
    private static final String FORGET_ALL =
            "delete from known_device where studio_id = :studio and teacher_id = :teacher";
    private static final String FORGET_OLDEST = """
            delete from known_device where studio_id = :studio and teacher_id = :teacher and hash not in (
              select hash from known_device where studio_id = :studio and teacher_id = :teacher
               order by seen_at desc limit :most)""";

    private final JdbcClient jdbc;
    private final Clock clock;
    private final RandomGenerator random;

    KnownDeviceStore(JdbcClient jdbc, Clock clock, RandomGenerator random) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.random = random;
    }

    /** The hash of this browser's secret in hex, when the owner of the account has signed in with it. */
    Optional<String> known(String email) {
        Optional<byte[]> hash = secret().map(Secrets::hash);
        return hash.filter(value -> jdbc.sql(IS_KNOWN)
                                .param("email", email)
                                .param("hash", value)
                                .query(Long.class)
                                .single()
                        > 0)
                .map(HexFormat.of()::formatHex);
    }

    /** This browser is the teacher's from now on. */
    void remember(Teacher teacher) {
        String secret = secret().orElseGet(this::give);
        jdbc.sql(REMEMBER)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("hash", Secrets.hash(secret))
                .param("now", OffsetDateTime.now(clock).withOffsetSameInstant(ZoneOffset.UTC))
                .update();
        jdbc.sql(FORGET_OLDEST)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .param("most", MOST)
                .update();
    }

    void forgetAll(Teacher teacher) {
        jdbc.sql(FORGET_ALL)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .update();
    }

    private String give() {
        String secret = Secrets.make(random);
        ServletRequestAttributes now = now();
        HttpServletResponse response = now == null ? null : now.getResponse();
        if (response != null)
            response.addHeader(
                    HttpHeaders.SET_COOKIE,
                    ResponseCookie.from(COOKIE, secret)
                            .httpOnly(true)
                            .secure(now.getRequest().isSecure())
                            .sameSite("Lax")
                            .path("/")
                            .maxAge(KEPT)
                            .build()
                            .toString());
        return secret;
    }

    private static Optional<String> secret() {
        ServletRequestAttributes now = now();
        HttpServletRequest request = now == null ? null : now.getRequest();
        if (request == null || request.getCookies() == null) return Optional.empty();
        for (Cookie cookie : request.getCookies())
            if (cookie.getName().equals(COOKIE)
                    && cookie.getValue() != null
                    && cookie.getValue().length() < 100) return Optional.of(cookie.getValue());
        return Optional.empty();
    }

    private static ServletRequestAttributes now() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes
                ? attributes
                : null;
    }
}
