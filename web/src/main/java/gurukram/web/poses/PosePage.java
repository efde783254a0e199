package gurukram.web.poses;

import gurukram.core.body.Base;
import gurukram.core.body.Felt;
import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.caution.Rulebook;
import gurukram.core.cue.CueTemplate;
import gurukram.core.dose.Dose;
import gurukram.core.dose.Range;
import gurukram.core.plan.settings.School;
import gurukram.core.pose.BreathAffinity;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Ladder;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.pose.PoseCues;
import gurukram.core.pose.PropUse;
import gurukram.core.pose.Teaching;
import gurukram.core.text.Words;
import gurukram.web.drawing.Figures;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** One pose with all that is known of it; what to be careful of comes first. */
record PosePage(
        String id,
        String name,
        String names,
        String facts,
        String asks,
        List<Drawn> figures,
        List<CautionLine> cautions,
        String gate,
        List<LadderLine> ladders,
        List<DoseLine> doses,
        List<CueLine> cues,
        Teach teach,
        List<String> stretches,
        List<String> works,
        String notIn,
        String feltMap,
        List<String> demands,
        List<String> prepares,
        List<String> props,
        List<Tied> ties,
        boolean own,
        boolean replaces) {
    /** When and by which rules the cautions were last read. */
    public String read() {
        return Rulebook.READ;
    }

    /** @param caption which side it is shown on; empty when symmetric */
    record Drawn(String address, String caption) {}

    /** @param instead the pose that takes its place; null where there is none */
    record CautionLine(String severity, String need, String change, PoseTile instead) {}

    record LadderLine(String id, String name, int rung, int rungs, List<LadderPage.RungLine> steps) {}

    record DoseLine(String level, String dose, String range) {}

    /** @param left null when both sides are told the same */
    record CueLine(String when, String brief, String right, String left) {}

    /**
     * What the teacher looks after.
     *
     * @param in the moves into it, {@code out} those out of it
     */
    record Teach(
            String gaze,
            List<String> measures,
            List<Teaching.Fault> faults,
            List<MoveLine> in,
            List<MoveLine> out,
            String handsOn) {}

    /** @param breath empty for either */
    record MoveLine(String breath, String words) {}

    record Tied(String heading, List<PoseTile> poses) {}

    static PosePage of(Pose pose, PoseCatalogue catalogue, School school, boolean own, boolean replaces) {
        boolean sided = pose.sides() != SideBehaviour.SYMMETRIC;
        return new PosePage(
                pose.id(),
                pose.name(),
                names(pose),
                facts(pose),
                asks(pose),
                figures(pose, sided),
                pose.cautions().stream()
                        .sorted(Comparator.comparing(Caution::severity))
                        .map(c -> caution(c, catalogue))
                        .toList(),
                gate(pose, catalogue),
                catalogue.laddersWith(pose.id()).stream()
                        .map(ladder -> ladder(ladder, pose, catalogue))
                        .toList(),
                doses(pose),
                cues(pose, school, sided),
                teach(pose, school, sided),
                pose.stretches().stream().map(f -> felt(f, pose)).toList(),
                pose.works().stream().map(f -> felt(f, pose)).toList(),
                pose.notIn().stream()
                        .map(a -> a.word().replace('-', ' '))
                        .reduce((a, b) -> a + ", " + b)
                        .orElse(""),
                Figures.felt(pose),
                pose.actions().stream()
                        .map(use -> strength(use.demands()) + " " + use.action().words())
                        .toList(),
                pose.actions().stream()
                        .filter(use -> use.prepares() > 0)
                        .map(use ->
                                strength(use.prepares()) + " " + use.action().words())
                        .toList(),
                pose.props().stream().map(PropUse::words).toList(),
                ties(pose, catalogue),
                own,
                replaces);
    }

    /** The ladder from below, this pose marked. */
    private static LadderLine ladder(Ladder ladder, Pose pose, PoseCatalogue catalogue) {
        List<LadderPage.RungLine> steps =
                new ArrayList<>(LadderPage.of(ladder, catalogue, pose.id()).rungs());
        Collections.reverse(steps);
        return new LadderLine(ladder.id(), ladder.name(), ladder.rungOf(pose.id()), steps.size(), steps);
    }

    private static String names(Pose pose) {
        List<String> names = new ArrayList<>();
        String plain = pose.names().plainSanskrit();
        if (!pose.sanskrit().isEmpty()) {
            names.add(plain.equals(pose.sanskrit()) ? pose.sanskrit() : pose.sanskrit() + " (" + plain + ")");
        }
        names.addAll(pose.names().also());
        return String.join(" · ", names);
    }

    private static String facts(Pose pose) {
        List<String> facts = new ArrayList<>();
        facts.add(low(pose.level()));
        facts.add(pose.family());
        facts.add(on(pose.base()));
        facts.add(
                switch (pose.sides()) {
                    case SYMMETRIC -> "the same on both sides";
                    case TWO_SIDED -> "two sides, named by the " + pose.sideOf().words();
                    case CROSSING ->
                        "two crossings, named by the " + pose.sideOf().words();
                    case COMPOUND -> "two sides, named by the " + pose.sideOf().words() + ", turning as well";
                });
        facts.add(low(pose.hold()) + " hold");
        return String.join(" · ", facts);
    }

    private static String on(Base base) {
        return switch (base) {
            case STANDING -> "standing";
            case LUNGE -> "in a lunge";
            case KNEELING -> "kneeling";
            case HANDS_AND_KNEES -> "on hands and knees";
            case DOG -> "on hands and feet, hips high";
            case PLANK -> "on hands and feet, in a line";
            case FOREARMS -> "on the forearms";
            case CHILD -> "folded over the thighs";
            case PRONE -> "on the belly";
            case SUPINE -> "on the back";
            case SEATED -> "sitting";
            case SIDE_LYING -> "on the side";
            case SQUAT -> "squatting";
            case INVERTED -> "upside down";
            case ARM_BALANCE -> "on the hands";
        };
    }

    private static String asks(Pose pose) {
        List<String> asks = new ArrayList<>();
        asks.add("Effort " + pose.effort() + " of 5");
        asks.add("depth " + pose.depth() + " of 3");
        asks.add(low(pose.risk()) + " risk");
        asks.add(low(pose.complexity()) + " to set up");
        asks.add("enter " + breath(pose.breath().name()) + ", leave "
                + breath(pose.leave().name()));
        if (pose.headDown()) asks.add("head below the heart");
        if (pose.wristLoad()) asks.add("loads the wrists");
        if (pose.mat().name().equals("ACROSS")) asks.add("across the mat");
        return String.join(" · ", asks);
    }

    private static String breath(String affinity) {
        return affinity.equals("IN")
                ? "on the in-breath"
                : affinity.equals("OUT") ? "on the out-breath" : "on either breath";
    }

    private static List<Drawn> figures(Pose pose, boolean sided) {
        if (!sided) return List.of(new Drawn(Figures.large(pose, null), ""));
        String part = pose.sideOf().words();
        boolean to = part.endsWith(" to");
        return List.of(
                new Drawn(Figures.large(pose, Side.RIGHT), to ? part + " the right" : "right " + part),
                new Drawn(Figures.large(pose, Side.LEFT), to ? part + " the left" : "left " + part));
    }

    private static CautionLine caution(Caution c, PoseCatalogue catalogue) {
        String severity = c.severity() == Caution.Severity.BLOCKED
                ? "Leave out"
                : c.severity() == Caution.Severity.CHANGE ? "Change" : "Say";
        PoseTile instead =
                c.instead() == null || !catalogue.has(c.instead()) ? null : PoseTile.of(catalogue.pose(c.instead()));
        return new CautionLine(severity, Rulebook.shipped().of(c.need()).name(), c.change(), instead);
    }

    private static String gate(Pose pose, PoseCatalogue catalogue) {
        if (pose.gate() == null) return "";
        Ladder ladder = catalogue.ladder(pose.gate().ladder()).orElseThrow();
        return "High risk: only for people who have reached rung %d of the ladder “%s”, with a named teacher watching and another way offered."
                .formatted(pose.gate().rung(), ladder.name());
    }

    private static List<DoseLine> doses(Pose pose) {
        List<DoseLine> lines = new ArrayList<>();
        for (Level level : Level.values()) {
            if (!pose.isFor(level)) {
                lines.add(new DoseLine(low(level), "not for them", ""));
                continue;
            }
            lines.add(dose(low(level), pose.range(level)));
        }
        pose.doses().byPart().forEach((part, dose) -> lines.add(dose("in the " + part.word(), dose)));
        return lines;
    }

    private static DoseLine dose(String who, Dose range) {
        String usual = inMinutes(range.at(Dose.Reading.CHOSEN));
        if (!(range instanceof Range both)) return new DoseLine(who, usual, "");
        return new DoseLine(who, usual, "from " + inMinutes(both.low()) + " to " + inMinutes(both.high()));
    }

    /** Long holds as a teacher says them: minutes. */
    private static String inMinutes(Dose dose) {
        if (!(dose instanceof Dose.Seconds held) || held.seconds() < 60) return dose.toString();
        int seconds = held.seconds();
        String minutes = seconds % 60 == 0 ? String.valueOf(seconds / 60) : seconds / 60 + "½";
        return seconds % 30 == 0 ? minutes + " min" : dose.toString();
    }

    private static Teach teach(Pose pose, School school, boolean sided) {
        Teaching teaching = pose.teaching();
        List<MoveLine> in = teaching.wayIn().stream()
                .map(move -> new MoveLine(onBreath(move.breath()), move.words()))
                .toList();
        if (in.isEmpty()) in = List.of(move(pose.breath(), pose.cues().enter(), pose, school, sided));
        return new Teach(
                teaching.gaze(),
                teaching.measures(),
                teaching.faults(),
                in,
                List.of(move(pose.leave(), pose.cues().leave(), pose, school, sided)),
                teaching.handsOn());
    }

    private static MoveLine move(
            BreathAffinity breath, PoseCues.Wording wording, Pose pose, School school, boolean sided) {
        String words = words(wording.brief(), pose, sided ? Side.RIGHT : null, school);
        return new MoveLine(onBreath(breath), words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1));
    }

    private static String onBreath(BreathAffinity breath) {
        return breath == BreathAffinity.EITHER ? "" : breath.word();
    }

    private static List<CueLine> cues(Pose pose, School school, boolean sided) {
        return List.of(
                cue("In", pose.cues().enter(), pose, school, sided),
                cue("There", pose.cues().align(), pose, school, sided),
                cue("Out", pose.cues().leave(), pose, school, sided));
    }

    private static CueLine cue(String when, PoseCues.Wording wording, Pose pose, School school, boolean sided) {
        String right = words(wording.full(), pose, sided ? Side.RIGHT : null, school);
        String left = sided ? words(wording.full(), pose, Side.LEFT, school) : null;
        String brief = words(wording.brief(), pose, sided ? Side.RIGHT : null, school);
        return new CueLine(when, brief, right, right.equals(left) ? null : left);
    }

    private static String words(String text, Pose pose, Side side, School school) {
        Side twist = side == null || pose.twist() == null ? null : pose.twist().of(side);
        return Words.capital(new CueTemplate(text).words(pose, side, twist, school));
    }

    private static String felt(Felt felt, Pose pose) {
        String area = felt.area().word().replace('-', ' ').replace("ankles feet", "ankles and feet");
        String where = felt.where() == Felt.Where.BOTH
                ? ""
                : felt.where() == Felt.Where.OWN ? ", side of the lead" : ", other side";
        return strength(felt.strength()) + " " + area + where;
    }

    private static String strength(int strength) {
        return strength == 3 ? "strong" : strength == 2 ? "medium" : "light";
    }

    private static List<Tied> ties(Pose pose, PoseCatalogue catalogue) {
        List<String> from = catalogue.poses().stream()
                .filter(other -> other.ties().next().contains(pose.id()))
                .map(Pose::id)
                .limit(8)
                .toList();
        List<Tied> ties = new ArrayList<>();
        tie(ties, "Easier", pose.ties().easier(), catalogue);
        tie(ties, "Harder", pose.ties().harder(), catalogue);
        tie(ties, "Comes from", from, catalogue);
        tie(ties, "Goes on to", pose.ties().next(), catalogue);
        tie(ties, "Afterwards", pose.ties().counter(), catalogue);
        return ties;
    }

    private static void tie(List<Tied> ties, String heading, List<String> ids, PoseCatalogue catalogue) {
        List<PoseTile> poses = PoseTile.of(ids, catalogue);
        if (!poses.isEmpty()) ties.add(new Tied(heading, poses));
    }

    private static String low(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
