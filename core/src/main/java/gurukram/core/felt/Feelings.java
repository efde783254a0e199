package gurukram.core.felt;

import gurukram.core.body.Felt;
import gurukram.core.body.Side;
import gurukram.core.caution.Rulebook;
import gurukram.core.felt.Sensation.How;
import gurukram.core.felt.Spot.Kind;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.text.Table;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What do they feel, where, and should it be there? What a pose is for comes from its felt map, what a place asks for from
 * {@code resources/felt/answers.tsv}, what a need changes from {@code resources/felt/needs.tsv}; general teaching knowledge, on the
 * careful side, and never a diagnosis.
 *
 * <p>Expected is kept. Felt elsewhere in a muscle it does no harm while it is mild; near a joint, where a muscle is fastened or at
 * the spine it is eased, where the pose must not be felt another shape is taken. Pinching is no stretch; tingling is come off;
 * sharp is stopped. A need only ever asks for more.
 */
public final class Feelings {
    private static final String WHEN_STAYS = "If it stays or comes again: ";
    private static final String LEFT_OUT = "This pose is left out for this need, whatever is felt.";
    private static final String OTHERS = "For others: ";
    private static final String LEAVE_OUT = "Leave this one out";
    private static final String OUT = "Come out slowly. Not this pose today.";
    private static final String HALF_OUT = "Come half-way out.";
    private static final String PRACTITIONER = "a doctor or licensed practitioner";

    /** What is done in one case. */
    private record Row(Verdict verdict, String so, String ask, String act) {}

    private record NeedRow(Set<String> places, Map<How, Verdict> least, String why) {}

    private static final Map<String, Row> ROWS = rows();
    private static final Map<Need, List<NeedRow>> NEEDS = needRows();

    private final PoseCatalogue catalogue;

    public Feelings(PoseCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    private static Map<String, Row> rows() {
        Map<String, Row> rows = new HashMap<>();
        for (Table.Row row : Table.of("/felt/answers.tsv", "\t", 5))
            rows.put(row.cell(0), new Row(verdict(row.cell(1)), row.cell(2), row.cell(3), row.cell(4)));
        return rows;
    }

    private static Verdict verdict(String word) {
        return Verdict.valueOf(word.toUpperCase(Locale.ROOT));
    }

    private static Map<Need, List<NeedRow>> needRows() {
        Map<Need, List<NeedRow>> all = new HashMap<>();
        List<How> hows = List.of(How.STRETCH, How.WORK, How.PINCH, How.TINGLE, How.PRESSURE);
        for (Table.Row row : Table.of("/felt/needs.tsv", "\t", 8)) {
            Map<How, Verdict> least = new HashMap<>();
            for (int i = 0; i < hows.size(); i++)
                if (!row.cell(2 + i).equals("-")) least.put(hows.get(i), verdict(row.cell(2 + i)));
            Set<String> places = new LinkedHashSet<>(row.list(1, " "));
            if (!places.contains("*")) places.forEach(Spot::of);
            all.computeIfAbsent(Need.parse(row.cell(0)), need -> new ArrayList<>())
                    .add(new NeedRow(places, Map.copyOf(least), row.cell(7)));
        }
        return all;
    }

    /**
     * What to do about what somebody says in a pose.
     *
     * @param side the side the pose is done on; null for a symmetric one
     * @param needs of that person
     */
    public Reply reply(Pose pose, @Nullable Side side, Sensation said, Collection<Need> needs) {
        FeltSheet.Answer answer = answer(pose, side, said);
        Verdict verdict = verdict(answer.verdict());
        List<Reply.ByNeed> byNeed = new ArrayList<>();
        for (Need need : new TreeSet<>(needs)) byNeed(pose, said, need, verdict).ifPresent(byNeed::add);
        Verdict least = verdict;
        for (Reply.ByNeed line : byNeed) least = least.atLeast(line.verdict());
        String so = answer.so()
                .replace("%1", said.spot().on(said.side()))
                .replace(
                        "%2",
                        said.side() == null ? "other" : said.side().opposite().word());
        String ask = answer.ask();
        if (least != verdict) {
            // what holds for others is no answer to somebody with a need
            so = OTHERS + so.substring(0, 1).toLowerCase(Locale.ROOT) + so.substring(1);
            Verdict strictest = least;
            ask = byNeed.stream()
                    .filter(line -> line.verdict() == strictest)
                    .map(line -> Rulebook.shipped().of(line.need()).ask())
                    .findFirst()
                    .orElse(ask);
        }
        return new Reply(least, so, ask, act(pose, said, answer, least), answer.sendTo(), byNeed);
    }

    /** Only what is done, as {@link #reply} says it. */
    public Verdict verdict(Pose pose, @Nullable Side side, Sensation said, Collection<Need> needs) {
        Verdict verdict =
                Objects.requireNonNull(ROWS.get(about(pose, side, said))).verdict();
        Verdict least = verdict;
        for (Need need : needs) {
            Optional<Reply.ByNeed> line = byNeed(pose, said, need, verdict);
            if (line.isPresent()) least = least.atLeast(line.get().verdict());
        }
        return least;
    }

    /** What is answered without a need. */
    static FeltSheet.Answer answer(Pose pose, @Nullable Side side, Sensation said) {
        String about = about(pose, side, said);
        Row row = Objects.requireNonNull(ROWS.get(about), about);
        return new FeltSheet.Answer(row.verdict().word(), row.so(), row.ask(), row.act(), sendTo(said, row.verdict()));
    }

    /** The same for all that may be said in some poses by people with some needs. */
    public FeltSheet sheet(Collection<Pose> poses, Collection<Need> needs) {
        return FeltSheet.of(this, poses, needs);
    }

    /** Which case it is: a row of {@code answers.tsv}. */
    static String about(Pose pose, @Nullable Side side, Sensation said) {
        Spot spot = said.spot();
        boolean never = pose.notIn().stream().anyMatch(spot.areas()::contains);
        return switch (said.how()) {
            case SHARP -> "sharp";
            case NOTHING ->
                isFor(pose.stretches(), side, said) || isFor(pose.works(), side, said) ? "nothing-expected" : "nothing";
            case STRETCH -> stretch(pose, side, said, never);
            case WORK -> work(pose, side, said, never);
            case PINCH ->
                switch (spot.kind()) {
                    case LINE -> "line";
                    case JOINT -> "pinch-joint";
                    case ROOT -> "pinch-root";
                    case SPINE -> "pinch-spine";
                    case HEAD -> "pressure-head";
                    case CHEST -> "pressure-chest";
                    default -> "pinch-muscle";
                };
            case TINGLE ->
                switch (spot.kind()) {
                    case LINE -> "line";
                    case JOINT, ROOT -> "tingle-joint";
                    case SPINE -> "tingle-spine";
                    case HEAD -> "pressure-head";
                    case CHEST -> "pressure-chest";
                    default -> "tingle";
                };
            case PRESSURE ->
                switch (spot.kind()) {
                    case LINE -> "line";
                    case JOINT, ROOT -> "pressure-joint";
                    case SPINE -> "pressure-spine";
                    case HEAD -> "pressure-head";
                    case CHEST -> "pressure-chest";
                    case BELLY -> "pressure-belly";
                    case FLOOR -> "pressure-floor";
                    default -> "pressure";
                };
        };
    }

    private static String stretch(Pose pose, @Nullable Side side, Sensation said, boolean never) {
        if (isFor(pose.stretches(), side, said)) return "stretch-expected";
        Kind kind = said.spot().kind();
        if (kind == Kind.LINE) return "line";
        if (never) return "must-not";
        if (isFor(pose.stretches(), null, said)) return "other-side";
        return switch (kind) {
            case JOINT, HEAD -> "stretch-joint";
            case ROOT -> "stretch-root";
            case SPINE -> "stretch-spine";
            case END, FLOOR -> "stretch-end";
            default -> "stretch-elsewhere";
        };
    }

    private static String work(Pose pose, @Nullable Side side, Sensation said, boolean never) {
        if (isFor(pose.works(), side, said)) return "work-expected";
        Kind kind = said.spot().kind();
        if (kind == Kind.LINE) return "line";
        if (never) return kind == Kind.SPINE ? "must-not" : "must-not-work";
        if (isFor(pose.works(), null, said)) return "other-side";
        return switch (kind) {
            case JOINT, HEAD, ROOT -> "work-joint";
            case SPINE -> "work-spine";
            default -> "work-elsewhere";
        };
    }

    /** Whether it is meant to be felt there; without a side on either. */
    private static boolean isFor(List<Felt> felt, @Nullable Side side, Sensation said) {
        return felt.stream()
                .filter(one -> said.spot().areas().contains(one.area()))
                .map(one -> one.on(side))
                .anyMatch(on -> on == null || said.side() == null || on == said.side());
    }

    private static Optional<Reply.ByNeed> byNeed(Pose pose, Sensation said, Need need, Verdict verdict) {
        Optional<Caution> caution = pose.caution(need);
        if (caution.isPresent() && caution.get().severity() == Caution.Severity.BLOCKED)
            return Optional.of(new Reply.ByNeed(
                    need, Verdict.STOP, LEFT_OUT, Rulebook.shipped().of(need).sendTo()));
        return least(need, said.spot(), said.how())
                .map(why -> new Reply.ByNeed(need, verdict(why.verdict()).atLeast(verdict), why.why(), why.sendTo()));
    }

    /** What a need asks for at least at a place, whatever the pose. */
    static Optional<FeltSheet.Why> least(Need need, Spot spot, How how) {
        String sendTo = Rulebook.shipped().of(need).sendTo();
        for (NeedRow row : NEEDS.getOrDefault(need, List.of())) {
            if (!row.places().contains("*") && !row.places().contains(spot.id())) continue;
            Verdict least = how == How.SHARP ? Verdict.STOP : row.least().get(how);
            if (least == null) continue;
            return Optional.of(new FeltSheet.Why(least.word(), row.why(), least == Verdict.EASE ? "" : sendTo));
        }
        return Optional.empty();
    }

    /** What is possible in this very pose: the change of the need this place belongs to, an easier form, or what holds anywhere. */
    private String act(Pose pose, Sensation said, FeltSheet.Answer answer, Verdict verdict) {
        if (verdict == Verdict.KEEP) return answer.act();
        if (verdict == Verdict.STOP) return answer.verdict().equals(Verdict.STOP.word()) ? answer.act() : OUT;
        StringBuilder act = new StringBuilder(answer.verdict().equals(Verdict.KEEP.word()) ? HALF_OUT : answer.act());
        change(pose, said.spot()).ifPresent(change -> act.append(" Here: ").append(change));
        if (verdict == Verdict.CHANGE)
            shape(pose, said.spot())
                    .ifPresent(shape ->
                            act.append(" Another shape: ").append(shape).append('.'));
        return act.toString();
    }

    /** Another shape, in a sentence: one in which this place is not asked for less, an easier form before what a need puts there. */
    Optional<String> shape(Pose pose, Spot spot) {
        return Stream.concat(
                        pose.ties().easier().stream(),
                        spot.needs().stream()
                                .flatMap(need -> pose.caution(need).stream())
                                .map(Caution::instead)
                                .filter(Objects::nonNull))
                .map(catalogue::pose)
                .filter(other -> isFree(other, spot))
                .map(other -> other.name().toLowerCase(Locale.ROOT))
                .findFirst();
    }

    private static boolean isFree(Pose pose, Spot spot) {
        return pose.notIn().stream().noneMatch(spot.areas()::contains)
                && spot.needs().stream()
                        .flatMap(need -> pose.caution(need).stream())
                        .allMatch(caution -> caution.severity() == Caution.Severity.TELL);
    }

    static Optional<String> change(Pose pose, Spot spot) {
        return spot.needs().stream()
                .flatMap(need -> pose.caution(need).stream())
                .filter(caution -> caution.severity() != Caution.Severity.BLOCKED)
                .map(Caution::first)
                .filter(text -> !text.isEmpty() && !text.startsWith(LEAVE_OUT))
                .findFirst();
    }

    private static String sendTo(Sensation said, Verdict verdict) {
        boolean asks = said.how() == How.SHARP || said.how() == How.TINGLE || verdict == Verdict.STOP;
        if (!asks) return "";
        if (said.spot().kind() == Kind.CHEST && verdict == Verdict.STOP)
            return "If it does not pass at once: call for help.";
        if (said.spot().kind() == Kind.HEAD) return WHEN_STAYS + "a doctor.";
        return WHEN_STAYS + PRACTITIONER + ".";
    }

    /** Where it should be felt, as a sentence: {@code It should lengthen at the middle of the back of the thigh, right}. */
    public static List<String> expected(List<Felt> felt, @Nullable Side side) {
        List<String> words = new ArrayList<>();
        for (Felt one : felt) {
            Side on = one.on(side);
            String area = one.area().word().replace('-', ' ');
            words.add(on == null ? area : area + ", " + on.word());
        }
        return words;
    }
}
