package gurukram.core.plan;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gurukram.core.dose.Dose;
import gurukram.core.pose.Level;
import gurukram.core.text.Refused;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * One pose with a dose and a side rule.
 *
 * @param pose id in the catalogue; null for open time without a pose
 * @param dose the base line
 * @param byLevel doses that differ from the base line at a level
 * @param note the teacher's own words
 * @param positionMillis a typed pace, ms for each half-breath or sway; null leaves it to the teacher's pace
 */
public record Step(
        NodeId id,
        String pose,
        SideRule sides,
        Dose dose,
        Map<Level, Dose> byLevel,
        String note,
        Integer positionMillis)
        implements Item {
    public static final int MOST_NOTE_LETTERS = 500;

    public Step {
        byLevel = byLevel == null || byLevel.isEmpty()
                ? Map.of()
                : java.util.Collections.unmodifiableMap(new EnumMap<>(byLevel));
        note = note == null ? "" : note.strip();
        if (note.length() > MOST_NOTE_LETTERS) {
            throw new Refused(
                    "A note has at most " + MOST_NOTE_LETTERS + " letters; this one has " + note.length() + ".");
        }
        if (positionMillis != null) FlowSettings.POSITION_MILLIS.check(positionMillis);
        boolean onlyOpen =
                dose instanceof Dose.Open && byLevel.values().stream().allMatch(d -> d instanceof Dose.Open);
        if (pose == null && !onlyOpen) throw new Refused("Only open time can stand without a pose.");
    }

    public static Step of(NodeId id, String pose, SideRule sides, Dose dose) {
        return new Step(id, pose, sides, dose, Map.of(), "", null);
    }

    public Dose doseFor(Level level) {
        return byLevel.getOrDefault(level, dose);
    }

    public Step withPose(String other) {
        return new Step(id, other, sides, dose, byLevel, note, positionMillis);
    }

    public Step withSides(SideRule other) {
        return new Step(id, pose, other, dose, byLevel, note, positionMillis);
    }

    public Step withNote(String other) {
        return new Step(id, pose, sides, dose, byLevel, other, positionMillis);
    }

    /** The same step under another name. */
    public Step named(NodeId other) {
        return new Step(other, pose, sides, dose, byLevel, note, positionMillis);
    }

    public Step withPositionMillis(Integer ms) {
        return new Step(id, pose, sides, dose, byLevel, note, ms);
    }

    public Step withDose(Dose other) {
        return new Step(id, pose, sides, other, byLevel, note, positionMillis);
    }

    /** The dose at one level; null, or the base line's own dose, takes the difference away. */
    public Step withDoseFor(Level level, Dose other) {
        Map<Level, Dose> doses = new EnumMap<>(Level.class);
        doses.putAll(byLevel);
        if (other == null || other.equals(dose)) doses.remove(level);
        else doses.put(level, other);
        return new Step(id, pose, sides, dose, doses, note, positionMillis);
    }

    @Override
    @JsonIgnore
    public List<Node> children() {
        return List.of();
    }

    @Override
    public Step withChildren(List<? extends Node> children) {
        if (!children.isEmpty()) throw new IllegalArgumentException("nothing can stand in a step");
        return this;
    }
}
