package gurukram.core.caution;

import gurukram.core.body.Base;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Caution.Severity;
import gurukram.core.pose.CautionFacts;
import gurukram.core.pose.Mechanism;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.score.Transitions;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Derives the cautions of poses from their mechanisms.
 *
 * <p>All mechanisms of a pose speak; for a need and a mechanism the first rule that holds. The strictest severity is the severity,
 * and all sentences show, the strictest first; of a pose that is left out nothing softer is said. An override sets the severity
 * and puts its sentence first. What is to be changed or left out has a replacement: the override's, then milder poses, the kind the
 * rule names, easier ties, poses of the same base. It is itself at most announced for the need, and near.
 */
public final class Derivation {
    /** Seconds within which another base is reached (ours). */
    private static final long REACH_MS = 25_000;

    private static final Map<Base, List<String>> OF_BASE = new EnumMap<>(Base.class);
    /** What nearly everybody can do. */
    private static final List<String> LAST = List.of(
            "mountain",
            "prayer",
            "shoulder-rolls",
            "chair-seat",
            "easy-seat",
            "constructive-rest",
            "side-lying-rest",
            "supported-bound-angle",
            "breath-watching");

    static {
        of(Base.STANDING, "mountain", "chair-seat");
        of(Base.LUNGE, "warrior-2", "mountain", "chair-seat");
        of(Base.SEATED, "easy-seat", "staff", "chair-seat");
        of(Base.KNEELING, "kneeling-prayer", "low-lunge", "chair-seat", "mountain");
        of(
                Base.SUPINE,
                "constructive-rest",
                "bolster-under-knees",
                "side-lying-rest",
                "supported-bound-angle",
                "chair-seat");
        of(Base.PRONE, "sphinx", "prone-rest", "side-lying-rest", "table");
        of(Base.HANDS_AND_KNEES, "table", "cow", "kneeling-prayer", "mountain");
        of(Base.PLANK, "knee-plank", "table", "bird-dog", "half-standing-fold-wall", "mountain");
        of(Base.DOG, "half-standing-fold-wall", "table", "mountain");
        of(Base.FOREARMS, "knee-plank", "table", "sphinx", "half-standing-fold-wall", "mountain");
        of(Base.CHILD, "constructive-rest", "side-lying-rest", "supported-bound-angle", "chair-seat");
        of(Base.SQUAT, "garland-block", "horse-stance", "mountain", "chair-seat");
        of(Base.SIDE_LYING, "side-lying-rest", "supported-bound-angle", "constructive-rest");
        of(
                Base.INVERTED,
                "legs-up-the-wall",
                "legs-on-chair",
                "constructive-rest",
                "supported-bound-angle",
                "side-lying-rest");
        of(Base.ARM_BALANCE, "table", "garland-block", "bird-dog", "lying-reach", "mountain", "chair-seat");
    }

    private static void of(Base base, String... poses) {
        OF_BASE.put(base, List.of(poses));
    }

    private record Hit(
            Severity severity,
            @Nullable String sentence,
            @Nullable Mechanism mechanism,
            String kind) {}

    private record Found(
            Severity severity, List<Hit> hits, @Nullable String instead) {}

    private record Pair(String pose, Need need) {}

    private final Rulebook book;
    private final Transitions transitions;
    private final Map<String, Pose> poses = new LinkedHashMap<>();
    private final Set<String> derived = new HashSet<>();
    private final Map<Pair, Found> found = new LinkedHashMap<>();

    /** @param derived those whose cautions are derived; the others have theirs */
    private Derivation(Collection<Pose> poses, Collection<Pose> derived) {
        this.book = Rulebook.shipped();
        this.transitions = Transitions.shipped();
        poses.forEach(pose -> this.poses.put(pose.id(), pose));
        for (Pose pose : derived) {
            this.derived.add(pose.id());
            for (Need need : Need.values()) {
                find(pose, need).ifPresent(one -> found.put(new Pair(pose.id(), need), one));
            }
        }
    }

    /** The poses with their cautions, in their order. A pose without mechanisms keeps what was written for it. */
    public static List<Pose> of(Collection<Pose> poses) {
        Derivation derivation = new Derivation(poses, poses);
        return poses.stream()
                .map(pose -> pose.withCautions(derivation.cautions(pose)))
                .toList();
    }

    /** A pose with its cautions beside others that have theirs. */
    public static Pose one(Pose pose, Collection<Pose> others) {
        return pose.withCautions(new Derivation(others, List.of(pose)).cautions(pose));
    }

    private List<Caution> cautions(Pose pose) {
        List<Caution> cautions = new ArrayList<>();
        for (Need need : Need.values()) caution(pose, need).ifPresent(cautions::add);
        return cautions;
    }

    private Optional<Caution> caution(Pose pose, Need need) {
        Found one = found.get(new Pair(pose.id(), need));
        Optional<Caution> derived = one == null ? Optional.empty() : Optional.of(caution(pose, need, one));
        Optional<Caution> written = pose.facts().written().stream()
                .filter(caution -> caution.need() == need)
                .findFirst();
        if (written.isEmpty()) return derived;
        return Optional.of(derived.map(other -> both(written.get(), other)).orElseGet(written::get));
    }

    private Caution caution(Pose pose, Need need, Found one) {
        Set<String> texts = new LinkedHashSet<>();
        for (Hit hit : strictestFirst(one.hits())) {
            boolean softer = one.severity() == Severity.BLOCKED && hit.severity() != Severity.BLOCKED;
            if (!softer && hit.sentence() != null && book.hasSentence(hit.sentence()))
                texts.add(book.sentence(hit.sentence()));
        }
        List<Mechanism> because = one.hits().stream()
                .map(Hit::mechanism)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        String instead = one.severity() == Severity.TELL ? null : instead(pose, need, one);
        return new Caution(need, one.severity(), List.copyOf(texts), instead, because);
    }

    /** What somebody wrote stands first; the stricter severity counts. */
    private static Caution both(Caution written, Caution derived) {
        boolean stricter = derived.severity().isStricterThan(written.severity());
        List<String> texts = new ArrayList<>(written.texts());
        derived.texts().stream().filter(text -> !texts.contains(text)).forEach(texts::add);
        String instead = written.instead() == null ? derived.instead() : written.instead();
        Severity severity = stricter ? derived.severity() : written.severity();
        return new Caution(written.need(), severity, texts, instead, derived.because());
    }

    private static List<Hit> strictestFirst(List<Hit> hits) {
        return hits.stream().sorted(Comparator.comparing(Hit::severity)).toList();
    }

    private Optional<Found> find(Pose pose, Need need) {
        List<Hit> hits = new ArrayList<>();
        for (Mechanism mechanism : pose.facts().mechanisms()) {
            book.rules(need, mechanism).stream()
                    .filter(rule -> rule.holds(pose))
                    .findFirst()
                    .ifPresent(rule -> hits.add(new Hit(rule.severity(), rule.sentence(), mechanism, rule.kind())));
        }
        Optional<CautionFacts.Override> override = pose.facts().overrides().stream()
                .filter(one -> one.need() == need)
                .findFirst();
        if (override.isPresent()) return overridden(override.get(), hits);
        return hits.stream()
                .map(Hit::severity)
                .min(Comparator.naturalOrder())
                .map(severity -> new Found(severity, hits, null));
    }

    /** A person's judgement: its sentence comes first, and what is no stricter stays beside it. */
    private static Optional<Found> overridden(CautionFacts.Override override, List<Hit> hits) {
        Severity severity = override.severity();
        if (severity == null) return Optional.empty();
        List<Hit> kept = new ArrayList<>();
        String sentence = override.sentence();
        if (sentence != null) kept.add(new Hit(severity, sentence, null, ""));
        for (Hit hit : hits) {
            boolean stricter = hit.severity().isStricterThan(severity);
            boolean another =
                    sentence != null && (sentence.equals(hit.sentence()) || hit.severity() == Severity.CHANGE);
            if (!stricter && !another) kept.add(hit);
        }
        return Optional.of(new Found(severity, kept, override.instead()));
    }

    /** Null where nothing is safe and near. */
    private @Nullable String instead(Pose pose, Need need, Found one) {
        Set<String> order = new LinkedHashSet<>();
        if (one.instead() != null) order.add(one.instead());
        order.addAll(pose.facts().milder());
        for (Hit hit : strictestFirst(one.hits())) order.addAll(book.kind(hit.kind()));
        order.addAll(pose.ties().easier());
        order.addAll(OF_BASE.getOrDefault(pose.base(), List.of()));
        order.addAll(LAST);
        return order.stream()
                .filter(other -> isUsable(pose, need, other))
                .findFirst()
                .orElse(null);
    }

    private boolean isUsable(Pose pose, Need need, String id) {
        Pose other = poses.get(id);
        if (other == null || id.equals(pose.id())) return false;
        boolean safe = severity(other, need).filter(s -> s != Severity.TELL).isEmpty();
        boolean down = need == Need.NO_FLOOR && other.facts().has(Mechanism.FLOOR);
        return safe && !down && reach(pose.base(), other.base()) <= REACH_MS;
    }

    private Optional<Severity> severity(Pose pose, Need need) {
        if (!derived.contains(pose.id())) return pose.caution(need).map(Caution::severity);
        return Optional.ofNullable(found.get(new Pair(pose.id(), need))).map(Found::severity);
    }

    private long reach(Base from, Base to) {
        return transitions.route(from, to).stream()
                .mapToLong(Transitions.Leg::first)
                .sum();
    }
}
