package gurukram.core.score;

import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.score.Moment.Kind;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What the time of a class goes into. The parts add up to the whole.
 *
 * <p>Ours: what stands in a talk or a lesson is talk, what stands in the final rest is rest, whatever it is; a movement outside
 * flows counts with the holds.
 */
public record TimeUse(Map<Part, Long> ms) {
    public enum Part {
        FLOWS("in flows"),
        HOLDS("in holds"),
        REPETITIONS("in repetitions"),
        BREATHING("in breathing patterns"),
        OPEN("in open time"),
        TALK("in talk and showing"),
        REST("in the final rest"),
        PAUSES("resting between"),
        SETTING_UP("getting into poses"),
        CHANGING_BASE("changing base");

        private final String words;

        Part(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public TimeUse {
        ms = Map.copyOf(ms);
    }

    public static TimeUse of(ClassPlan plan, Score score) {
        Map<NodeId, SectionRole> roles = new HashMap<>();
        for (Section section : plan.sections()) roles.put(section.id(), section.role());
        Map<Part, Long> ms = new EnumMap<>(Part.class);
        for (Moment moment : score.moments()) {
            ms.merge(Part.SETTING_UP, moment.settingUpMs(), Long::sum);
            ms.merge(Part.CHANGING_BASE, moment.transitionMs(), Long::sum);
            ms.merge(
                    part(
                            moment.kind(),
                            moment.flow() != null,
                            roles.getOrDefault(moment.section(), SectionRole.STANDING)),
                    moment.workMs(),
                    Long::sum);
        }
        return new TimeUse(ms);
    }

    /** What the work of a moment counts as. */
    public static Part part(Kind kind, boolean inFlow, SectionRole role) {
        if (!role.isPractice()) return Part.TALK;
        if (role == SectionRole.REST) return Part.REST;
        if (kind == Kind.PAUSE || kind == Kind.REST) return Part.PAUSES;
        if (kind == Kind.TALK || kind == Kind.DEMONSTRATION) return Part.TALK;
        if (inFlow) return Part.FLOWS;
        return switch (kind) {
            case REPS, SHOWN -> Part.REPETITIONS;
            case PATTERN -> Part.BREATHING;
            case OPEN, OWN_PACE -> Part.OPEN;
            default -> Part.HOLDS;
        };
    }

    /** The parts that have any time, in their order. */
    public List<Part> parts() {
        return List.of(Part.values()).stream()
                .filter(part -> ms.getOrDefault(part, 0L) > 0)
                .toList();
    }

    public long of(Part part) {
        return ms.getOrDefault(part, 0L);
    }

    public long totalMs() {
        return ms.values().stream().mapToLong(Long::longValue).sum();
    }
}
