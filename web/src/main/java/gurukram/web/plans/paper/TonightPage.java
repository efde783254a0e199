package gurukram.web.plans.paper;

import gurukram.core.check.Subject;
import gurukram.core.check.SwapEverywhere;
import gurukram.core.check.Tonight;
import gurukram.core.pose.Caution;
import gurukram.core.pose.Need;
import gurukram.core.pose.Pose;
import gurukram.core.text.Words;
import gurukram.core.time.Millis;
import gurukram.web.groups.Group;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * One class for one group on a sheet: what to say, lay out and watch tonight.
 *
 * @param group how many come; empty where the class is for nobody in particular
 * @param touch who welcomes a hand, by count
 * @param leftOut what is left out for somebody and what stands instead, {@code before} all that is said before a pose
 * @param owed what is left over from the last time
 */
public record TonightPage(
        String id,
        int version,
        String title,
        String view,
        String group,
        String booked,
        String touch,
        List<Who> people,
        List<Laid> props,
        List<Before> before,
        List<Watched> watched,
        List<Hand> hands,
        List<String> owed) {
    /** @param swaps what could be swapped for them, one way and the other */
    public record Who(String need, String name, int people, String ask, String sendTo, List<Swaps> swaps) {}

    /** @param what all of it, in words; {@code left} poses for which nothing fits; {@code how} as it is sent */
    public record Swaps(String how, String label, String what, String left) {}

    public record Laid(String prop, String each, String all, String there, boolean isShort) {}

    public record Before(String row, String at, String pose, List<Line> lines) {}

    /** @param weight {@code leave out}, {@code change} or {@code say} */
    public record Line(String weight, String who, String words, boolean planned) {}

    public record Watched(String row, String pose, String with, String atOnce, String back) {}

    public record Hand(String row, String pose, String where) {}

    public static TonightPage of(
            StoredClass stored, Subject subject, View view, Optional<Group> group, String booked, List<String> owed) {
        Tonight tonight = Tonight.of(subject);
        return new TonightPage(
                stored.id().toString(),
                stored.version(),
                stored.plan().settings().title(),
                view.word(),
                subject.group() == null ? "" : Words.count(subject.group().mats(), "mat"),
                booked,
                group.map(TonightPage::touch).orElse(""),
                tonight.people().stream()
                        .map(who -> new Who(
                                who.need().name(),
                                who.name(),
                                who.people(),
                                who.ask(),
                                who.sendTo(),
                                swaps(subject, who.need())))
                        .toList(),
                tonight.props().stream().map(TonightPage::laid).toList(),
                tonight.before().stream().map(TonightPage::before).toList(),
                tonight.watched().stream()
                        .map(one -> new Watched(
                                "row-" + one.node(), one.pose().name(), one.with(), one.atOnce(), one.backs()))
                        .toList(),
                tonight.hands().stream()
                        .map(hand -> new Hand("row-" + hand.node(), hand.pose().name(), hand.where()))
                        .toList(),
                owed);
    }

    /** How many welcome a hand, as the group says; empty while nothing is known. */
    private static String touch(Group group) {
        Group.Touch touch = group.touch();
        if (touch.equals(Group.Touch.UNKNOWN)) return "Nobody has been asked yet.";
        return "%d welcome it, %d want to be asked each time, %d want none."
                .formatted(touch.welcome(), touch.ask(), touch.none());
    }

    private static List<Swaps> swaps(Subject subject, Need need) {
        List<Swaps> all = new ArrayList<>();
        for (SwapEverywhere.How how : SwapEverywhere.How.values()) {
            SwapEverywhere swap = SwapEverywhere.of(subject, need, how);
            if (swap.edit() == null) continue;
            boolean lines = how == SwapEverywhere.How.LINES;
            String what = swap.swaps().stream()
                    .map(one -> one.from().name() + " → " + one.to().name())
                    .distinct()
                    .collect(Collectors.joining(", "));
            String left = swap.left().stream().map(Pose::name).distinct().collect(Collectors.joining(", "));
            int n = swap.swaps().size();
            String label = lines
                    ? "Give them lines of their own (%s)".formatted(Words.count(n, "pose"))
                    : "Swap for everybody (%s)".formatted(Words.count(n, "pose"));
            all.add(new Swaps(how.name(), label, what, left));
        }
        return all;
    }

    private static Laid laid(Tonight.Laid laid) {
        boolean wall = laid.prop().equals("wall");
        return new Laid(
                wall ? "Wall" : Words.capital(laid.prop()),
                wall ? "for everybody" : laid.each() + " each",
                wall ? "" : laid.all() + " in all",
                laid.there() == null || wall ? "" : "the room has " + laid.there(),
                laid.isShort());
    }

    private static Before before(Tonight.Before before) {
        return new Before(
                "row-" + before.node(),
                Millis.showWhole(before.startMs()),
                before.pose().name(),
                before.lines().stream().map(TonightPage::line).toList());
    }

    private static Line line(Tonight.ForNeed line) {
        String instead =
                line.instead() == null ? "" : " Instead: " + line.instead().name() + ".";
        String weight = line.severity() == Caution.Severity.BLOCKED
                ? "leave out"
                : line.severity() == Caution.Severity.CHANGE ? "change" : "say";
        return new Line(
                weight, line.need().words() + " (" + line.people() + ")", line.words() + instead, line.planned());
    }
}
