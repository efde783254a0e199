package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.dose.Dose;
import gurukram.core.plan.ChosenDose;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.SideRule;
import gurukram.core.score.Score;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The class ends in a rest that is long enough; only a sit and the close come behind it. */
@AutoService(Check.class)
public final class FinalRest implements Check {
    static final String POSE = "corpse";
    static final Threshold LEAST_SECONDS = Threshold.of("rest-seconds", "seconds of final rest at least", 60);
    static final Threshold LEAST_PERCENT =
            Threshold.of("rest-percent", "percent of the class that is final rest at least", 4);
    static final Threshold GOOD =
            Threshold.of("rest-an-hour", "seconds of final rest for each hour that are good", 300);
    /** What fitting aims at, and what a new rest gets: 8 % of the slot. */
    private static final int USUAL_PERCENT = 8;

    /** Ours: ten minutes on the way to work end standing. */
    private static final long BRIEF_MINUTES = 12;

    private static final int AWAKE = 3;
    private static final long MINUTES_MS = 90_000;
    private static final int STEP_SECONDS = 15;
    private static final int HOUR_SECONDS = 3_600;
    private static final Set<SectionRole> MAY_FOLLOW = EnumSet.of(SectionRole.REST, SectionRole.SIT, SectionRole.CLOSE);
    private static final Card CARD = Card.of(
            "rest",
            "The class ends in a rest that is long enough",
            "The rest is what gets cut when time runs out, and what people came for.",
            LEAST_SECONDS,
            LEAST_PERCENT,
            GOOD);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        List<Integer> rest = moments(subject);
        if (rest.isEmpty()) {
            boolean brief = subject.score().totalMs() <= BRIEF_MINUTES * Millis.MINUTE;
            found.add(
                    brief ? Severity.INFO : Severity.MUST,
                    NodeId.CLASS,
                    "missing",
                    List.of(),
                    "The class has no final rest.",
                    "Give it one before the close.");
            return;
        }
        long ms = rest.stream().mapToLong(i -> subject.moment(i).workMs()).sum();
        long total = subject.score().totalMs();
        NodeId node = subject.moment(rest.get(0)).node();
        double percent = 100.0 * ms / total;
        String share = "The final rest has %s, %.0f %% of the class".formatted(Wording.time(ms), percent);
        long good = total * subject.value(GOOD) / HOUR_SECONDS;
        if (ms < (long) subject.value(LEAST_SECONDS) * Millis.SECOND || percent < subject.value(LEAST_PERCENT)) {
            String what = share
                    + "; under %s or %d %% is too little."
                            .formatted(
                                    Wording.time(subject.value(LEAST_SECONDS) * (long) Millis.SECOND),
                                    subject.value(LEAST_PERCENT));
            found.must(node, "short", rest, what, "A good rest here has " + Wording.time(good) + ".");
        } else if (ms < good) {
            found.look(node, "short", rest, share + "; %s would be good.".formatted(Wording.time(good)), "");
        }
        behind(subject, rest, found);
        upAgain(subject, rest, found);
        twice(subject, rest, found);
    }

    /** Who has rested is not made to work again, whatever the part is called. */
    private static void upAgain(Subject subject, List<Integer> rest, Findings found) {
        for (int i = rest.get(rest.size() - 1) + 1; i < subject.moments().size(); i++) {
            if (!isAwake(subject, i)) continue;
            String what =
                    "%s comes behind the final rest.".formatted(subject.pose(i).name());
            found.look(subject.moment(i).node(), "up", List.of(i), what, "Only a sit and the close follow it.");
            return;
        }
    }

    private static boolean isAwake(Subject subject, int i) {
        return subject.isWork(i) && subject.pose(i).effort() >= AWAKE;
    }

    /** A second lying down for minutes, before the one that ends the class; not the lying down people arrive with. */
    private static void twice(Subject subject, List<Integer> rest, Findings found) {
        boolean moved = false;
        for (int i = 0; i < rest.get(0); i++) {
            if (!subject.isWork(i)) continue;
            boolean lies = POSE.equals(subject.pose(i).id());
            moved |= !lies && subject.role(i) != SectionRole.ARRIVE && subject.role(i) != SectionRole.BREATHE;
            if (!lies || !moved || subject.moment(i).workMs() < MINUTES_MS) continue;
            String what = "There are two rests: %s here, and the final one."
                    .formatted(Wording.time(subject.moment(i).workMs()));
            found.look(
                    subject.moment(i).node(),
                    "second",
                    List.of(i),
                    what,
                    "Whoever has let go once does not get up well again.");
            return;
        }
    }

    /** The rest: what stands in a rest part and is no work; without one, the last lying rest there is. */
    static List<Integer> moments(Subject subject) {
        List<Integer> rest = new ArrayList<>();
        for (int i = 0; i < subject.moments().size(); i++)
            if (subject.role(i) == SectionRole.REST && !isAwake(subject, i)) rest.add(i);
        if (!rest.isEmpty()) return rest;
        for (int i = subject.moments().size() - 1; i >= 0; i--) {
            if (POSE.equals(subject.moment(i).pose())) return List.of(i);
        }
        return List.of();
    }

    private static void behind(Subject subject, List<Integer> rest, Findings found) {
        int last = rest.get(rest.size() - 1);
        for (int i = last + 1; i < subject.moments().size(); i++) {
            if (MAY_FOLLOW.contains(subject.role(i)) || !subject.isWork(i)) continue;
            if (subject.moment(i).section().equals(subject.moment(last).section())) continue;
            NodeId section = subject.moment(i).section();
            String title = subject.section(section).title();
            String what = "“%s” comes behind the final rest.".formatted(title);
            found.look(
                    subject.moment(last).section(),
                    "last",
                    List.of(last, i),
                    what,
                    "Only a sit and the close follow it.");
            return;
        }
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        return switch (finding.about()) {
            case "missing" -> List.of(added(subject));
            case "short" -> longer(subject, finding);
            case "up", "second" -> List.of(new Mend("Take it out", new PlanEdit.Remove(finding.node())));
            default -> moved(subject);
        };
    }

    private static Mend added(Subject subject) {
        int seconds = Math.max(60, rounded(subject.settings().slotMinutes() * 60L * USUAL_PERCENT / 100));
        Step step = Step.of(new NodeId("final-rest-step"), POSE, new SideRule.None(), new Dose.Seconds(seconds));
        Section rest = Section.of(new NodeId("final-rest"), SectionRole.REST, step);
        NodeId after = null;
        for (Section section : subject.plan().sections()) {
            if (section.role() != SectionRole.CLOSE && section.role() != SectionRole.SIT) after = section.id();
        }
        return new Mend(
                "Add a final rest of " + Wording.time(seconds * (long) Millis.SECOND),
                new PlanEdit.Insert(NodeId.CLASS, after, rest));
    }

    private static int rounded(long seconds) {
        return (int) ((seconds + STEP_SECONDS - 1) / STEP_SECONDS * STEP_SECONDS);
    }

    /** The longest step of it takes what is lacking; the class grows by that, so a little more than the share is needed. */
    private static List<Mend> longer(Subject subject, Finding finding) {
        Score score = subject.score();
        long now = finding.moments().stream()
                .mapToLong(i -> subject.moment(i).workMs())
                .sum();
        int longest = finding.moments().stream()
                .max(Comparator.comparing(i -> subject.moment(i).workMs()))
                .orElseThrow();
        long others = score.totalMs() - now;
        long hourly = subject.value(GOOD);
        long good = others * hourly / (HOUR_SECONDS - hourly);
        long share = others * subject.value(LEAST_PERCENT) / (100 - subject.value(LEAST_PERCENT));
        long least = (long) subject.value(LEAST_SECONDS) * Millis.SECOND;
        long wanted = Math.max(good, Math.max(share, least))
                - now
                + subject.moment(longest).workMs();
        int seconds = rounded((wanted + 999) / Millis.SECOND);
        Step step = subject.step(longest);
        Dose dose = ChosenDose.of(step, subject.level());
        if (seconds > most(dose)) return List.of();
        Dose other = new Dose.Seconds(seconds);
        String said = Wording.time(seconds * (long) Millis.SECOND);
        if (dose instanceof Dose.Breaths hold) {
            long breath = subject.moment(longest).workMs() / hold.breaths();
            long breaths = (wanted + breath - 1) / breath;
            if (breaths > Dose.BREATHS.most()) return List.of();
            other = new Dose.Breaths((int) breaths);
            said = Words.count(((Dose.Breaths) other).breaths(), "breath");
        } else if (dose instanceof Dose.Open open) {
            other = open.withSeconds(seconds);
        }
        Step after = ChosenDose.in(step, subject.level(), other);
        return List.of(new Mend("Rest for " + said, PlanEdit.instead(subject.plan(), after)));
    }

    private static int most(Dose dose) {
        if (dose instanceof Dose.Breaths) return Integer.MAX_VALUE;
        return dose instanceof Dose.Open ? Dose.OPEN_SECONDS.most() : Dose.SECONDS.most();
    }

    private static List<Mend> moved(Subject subject) {
        List<PlanEdit> moves = new ArrayList<>();
        NodeId after = null;
        for (Section section : subject.plan().sections()) {
            if (!MAY_FOLLOW.contains(section.role())) after = section.id();
        }
        for (Section section : subject.plan().sections()) {
            if (section.role() != SectionRole.REST) continue;
            moves.add(new PlanEdit.Move(section.id(), NodeId.CLASS, after));
            after = section.id();
        }
        if (moves.isEmpty()) return List.of();
        return List.of(new Mend("Move the rest to the end", PlanEdit.all(moves)));
    }
}
