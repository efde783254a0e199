package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.body.BodyArea;
import gurukram.core.body.Felt;
import gurukram.core.pose.Pose;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The peak is not met with muscles that are tired already. */
@AutoService(Check.class)
public final class TiredPeak implements Check {
    static final Threshold MOST =
            Threshold.of("tired-minutes", "minutes of hard work on the peak’s areas in the ten before it", 6);
    private static final long LOOKING_BACK_MS = 10L * Millis.MINUTE;
    private static final int HARD = 4;
    private static final Card CARD = Card.of(
            "tired-peak",
            "The peak is met warm, not tired",
            "Muscles that have worked hard for minutes shake where the peak wants them steady.",
            MOST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        int at = Preparation.peakMoment(subject);
        if (at < 0) return;
        Set<BodyArea> areas = areas(subject.pose(at));
        long from = subject.moment(at).startMs() - LOOKING_BACK_MS;
        long hard = 0;
        List<Integer> moments = new ArrayList<>();
        for (int i = at - 1; i >= 0 && subject.moment(i).endMs() > from; i--) {
            if (!subject.isWork(i) || subject.pose(i).effort() < HARD) continue;
            if (subject.pose(i).works().stream().noneMatch(felt -> areas.contains(felt.area()))) continue;
            hard += subject.moment(i).endMs() - Math.max(from, subject.moment(i).startMs());
            moments.add(0, i);
        }
        int most = subject.value(MOST);
        if (hard <= (long) most * Millis.MINUTE) return;
        moments.add(at);
        String what = "In the ten minutes before %s its muscles work hard for %s; %d minutes are the most you want."
                .formatted(subject.name(subject.pose(at).id()), Wording.time(hard), most);
        found.look(
                subject.moment(at).node(),
                "",
                moments,
                what,
                "Put the strong work earlier, or a quiet pose before the peak.");
    }

    private static Set<BodyArea> areas(Pose peak) {
        Set<BodyArea> areas = EnumSet.noneOf(BodyArea.class);
        for (Felt felt : peak.works()) if (felt.strength() >= 2) areas.add(felt.area());
        return areas;
    }
}
