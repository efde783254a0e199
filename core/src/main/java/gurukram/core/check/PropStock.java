package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.group.Room;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Prop;
import gurukram.core.plan.PropsTold;
import gurukram.core.plan.Step;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PropUse;
import gurukram.core.text.Words;
import java.util.ArrayList;
import java.util.List;

/** There are enough props in the room for everybody, and the mats fit. */
@AutoService(Check.class)
public final class PropStock implements Check {
    private static final Card CARD = Card.of(
            "prop-stock",
            "The room has props for everybody",
            "When four people have no block, you teach four people something else.");

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        if (subject.group() == null || subject.group().room() == null) return;
        Room room = subject.group().room();
        int mats = subject.group().mats();
        if (mats > room.mats()) {
            String what = "%d people come, and %s holds %d mats.".formatted(mats, room.name(), room.mats());
            found.look(NodeId.CLASS, "mats", List.of(), what, "Another room, or fewer people.");
        }
        List<Step> steps = new ArrayList<>();
        subject.plan().walk(node -> {
            if (node instanceof Step step && !subject.momentsOf(step.id()).isEmpty()) steps.add(step);
        });
        for (Step step : steps) {
            for (Prop prop : step.props()) props(subject, room, mats, step, prop, found);
            for (Prop prop : unsaid(subject, step)) props(subject, room, mats, step, prop, found);
        }
    }

    /** What a step asks for without saying so, by the name of its pose. */
    public static List<Prop> unsaid(Subject subject, Step step) {
        if (step.pose() == null) return List.of();
        return namedBy(subject.catalogue().pose(step.pose())).stream()
                .filter(needed ->
                        step.props().stream().noneMatch(prop -> prop.name().equals(needed.name())))
                .toList();
    }

    /** What a pose is named by and has to lie by the mat: a wall does not. */
    static List<Prop> laidOut(Pose pose) {
        return namedBy(pose).stream()
                .filter(prop -> !prop.name().equals(PropsTold.WALL))
                .toList();
    }

    /** What a pose is named by needs no saying: tree at the wall, seat on a chair, camel on blocks. */
    static List<Prop> namedBy(Pose pose) {
        return pose.props().stream()
                .filter(use -> PropsTold.names(pose.name(), use.prop()))
                .map(use -> new Prop(use.number(), use.prop()))
                .toList();
    }

    private static void props(Subject subject, Room room, int mats, Step step, Prop prop, Findings found) {
        int there = room.stock(prop.name());
        int wanted = prop.name().equals("wall") ? 1 : mats * prop.number();
        if (there >= wanted) return;
        List<Integer> moments = subject.momentsOf(step.id());
        String at = subject.name(subject.moment(moments.get(0)).pose());
        String what = prop.name().equals("wall")
                ? "%s asks for a wall, and %s has none that is free.".formatted(Words.capital(at), room.name())
                : "%s asks for %s each, %d for %d people; %s has %d."
                        .formatted(Words.capital(at), prop, wanted, mats, room.name(), there);
        found.look(step.id(), prop.name(), moments, what, standIn(subject, moments.get(0), prop));
    }

    private static String standIn(Subject subject, int moment, Prop prop) {
        if (subject.pose(moment) == null) return "";
        return subject.pose(moment).props().stream()
                .filter(use -> use.prop().equals(prop.name()) && !use.standIn().isEmpty())
                .map(PropUse::standIn)
                .findFirst()
                .map(other -> "Instead: " + other + ".")
                .orElse("Take turns, or do without.");
    }
}
