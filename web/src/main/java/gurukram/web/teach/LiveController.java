package gurukram.web.teach;

import gurukram.core.text.Refused;
import gurukram.web.account.Zones;
import gurukram.web.shared.NotFound;
import gurukram.web.shared.Secrets;
import gurukram.web.shared.Teacher;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Where a class stands right now: told by the device that teaches it, asked by others of the same teacher. */
@RestController
class LiveController {
    private static final int MOST_LETTERS = 600_000;
    private static final Pattern NAME = Pattern.compile("[\\w-]{1,60}");
    static final Duration LINK_LASTS = Duration.ofHours(4);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final LiveStore live;
    private final Zones zones;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    LiveController(LiveStore live, Zones zones, Clock clock) {
        this.live = live;
        this.zones = zones;
        this.clock = clock;
    }

    /**
     * What a device tells.
     *
     * @param now by its clock, ms since 1970
     * @param state where its clock stands, {@code said} what was said, {@code shown} what those see who look on; kept as they are
     * @param course how the class goes on, empty as in its script; null when that is nothing new
     */
    record Told(
            String device, Boolean takeOver, Long now, JsonNode state, JsonNode said, JsonNode shown, JsonNode course) {
        String kept() {
            boolean whole = device != null
                    && NAME.matcher(device).matches()
                    && now != null
                    && state != null
                    && state.isObject();
            if (!whole) throw new Refused("This does not say where a class stands.");
            ObjectNode kept = JSON.createObjectNode();
            kept.put("now", now);
            kept.set("state", state);
            kept.set("said", said);
            kept.set("shown", shown);
            return small(kept.toString());
        }

        String keptCourse() {
            return course == null || course.isNull() ? null : small(course.toString());
        }

        private static String small(String json) {
            if (json.length() > MOST_LETTERS) throw new Refused("This is more than a class.");
            try {
                // a number beyond all numbers is written as no JSON is
                JSON.readTree(json);
            } catch (JacksonException e) {
                throw new Refused("This does not say where a class stands.");
            }
            return json;
        }
    }

    @PostMapping("/room/{id}/live")
    Map<String, Object> tell(
            @AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id, @RequestBody Told told) {
        if (!live.isOf(teacher, id)) throw new NotFound();
        boolean takes = Boolean.TRUE.equals(told.takeOver());
        return Map.of("mine", live.tell(teacher, id, told.device(), takes, told.kept(), told.keptCourse()));
    }

    @GetMapping("/room/{id}/live")
    Map<String, Object> look(
            @AuthenticationPrincipal Teacher teacher,
            @PathVariable TaughtId id,
            @RequestParam(defaultValue = "false") boolean course) {
        if (!live.isOf(teacher, id)) throw new NotFound();
        return live.look(teacher, id)
                .map(told -> answer(told.device(), told.state(), told.toldAt(), course ? told.course() : null))
                .orElse(Map.of());
    }

    private Map<String, Object> answer(String device, String state, Instant toldAt, String course) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("device", device);
        answer.put("ageMs", Duration.between(toldAt, clock.instant()).toMillis());
        JSON.readTree(state).properties().forEach(field -> answer.put(field.getKey(), field.getValue()));
        if (course != null) answer.put("course", JSON.readTree(course));
        return answer;
    }

    /** A link for those who look on. */
    @PostMapping("/room/{id}/guests")
    Map<String, Object> invite(@AuthenticationPrincipal Teacher teacher, @PathVariable TaughtId id) {
        String secret = Secrets.make(random);
        Instant until = clock.instant().plus(LINK_LASTS);
        if (!live.invite(teacher, id, secret, until)) throw new NotFound();
        return Map.of("link", "/follow/" + secret, "until", CLOCK.format(zones.at(teacher, until)));
    }

    /** What those see who look on, and how long ago it was told. */
    @GetMapping("/follow/{secret}/now")
    Map<String, Object> follow(@PathVariable String secret) {
        LiveStore.Guest guest = live.guest(secret).orElseThrow(NotFound::new);
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("over", guest.over());
        if (guest.state() == null) return answer;
        JsonNode told = JSON.readTree(guest.state());
        answer.put("ageMs", Duration.between(guest.toldAt(), clock.instant()).toMillis());
        answer.put("now", told.get("now"));
        answer.put("shown", told.get("shown"));
        JsonNode state = told.get("state");
        for (String time : new String[] {"momentStart", "pausedInMoment", "pausedAt"})
            answer.put(time, state.get(time));
        return answer;
    }

    @ExceptionHandler({Refused.class, HttpMessageNotReadableException.class})
    ResponseEntity<Map<String, String>> notLive(Exception e) {
        String what = e instanceof Refused ? e.getMessage() : "This does not say where a class stands.";
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).body(Map.of("problem", what));
    }
}
