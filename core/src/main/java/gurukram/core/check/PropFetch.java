package gurukram.core.check;

import com.google.auto.service.AutoService;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.Flow;
import gurukram.core.plan.Node;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.Prop;
import gurukram.core.plan.PropsTold;
import gurukram.core.plan.Section;
import gurukram.core.plan.SectionRole;
import gurukram.core.plan.Step;
import gurukram.core.plan.edit.PlanEdit;
import gurukram.core.plan.settings.Texts;
import gurukram.core.score.Moment;
import gurukram.core.time.Millis;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A prop is named before it is needed, early enough to be fetched; or there is that much time when it is first needed. */
@AutoService(Check.class)
public final class PropFetch implements Check {
    private static final String READY = "Have ready by the mat: ";
    static final Threshold LEAST = Threshold.of("prop-seconds", "seconds between a prop’s name and its use", 30);
    /** Where people sit or lie and fetch a thing without losing anything; the clock has the time it takes. */
    private static final Set<SectionRole> AT_EASE = EnumSet.of(
            SectionRole.BREATHE,
            SectionRole.FLOOR,
            SectionRole.COOL_DOWN,
            SectionRole.SIT,
            SectionRole.REST,
            SectionRole.CLOSE);

    private static final Card CARD = Card.of(
            "prop-fetch",
            "A prop is named before it is needed",
            "Half the room walks to the cupboard while the other half stands on one leg.",
            LEAST);

    @Override
    public Card card() {
        return CARD;
    }

    @Override
    public void look(Subject subject, Findings found) {
        Set<String> used = new HashSet<>();
        long wanted = (long) subject.value(LEAST) * Millis.SECOND;
        for (int i = 0; i < subject.moments().size(); i++) {
            Step step = subject.step(i);
            for (Prop prop : step.props()) {
                if (prop.name().equals("wall") || !used.add(prop.name())) continue;
                if (subject.role(i) == SectionRole.ARRIVE) continue; // people come with it
                Moment moment = subject.moment(i);
                long there = moment.transitionMs()
                        + moment.settingUpMs()
                        - moment.how().fetchMs();
                long named = namedAt(subject, prop.name(), i);
                if (named >= 0) there += moment.startMs() - named;
                if (there >= wanted) continue;
                String at = subject.name(moment.pose());
                String what = "The %s is first asked for at %s, and there are %s to fetch it; wanted: %s."
                        .formatted(prop.name(), at, Wording.time(there), Wording.time(wanted));
                found.add(
                        AT_EASE.contains(subject.role(i)) ? Severity.INFO : Severity.LOOK,
                        step.id(),
                        prop.name(),
                        List.of(i),
                        what,
                        "Let people put it by their mats at the beginning.");
            }
        }
    }

    /** When a text first names the prop before a moment, ms; -1 when none does. The class's own words are said at its start. */
    private static long namedAt(Subject subject, String prop, int before) {
        ClassPlan plan = subject.plan();
        if (PropsTold.atTheStart(plan, prop)) return 0;
        Set<NodeId> looked = new HashSet<>();
        for (int i = 0; i <= before; i++) {
            Moment moment = subject.moment(i);
            List<NodeId> around = new ArrayList<>(List.of(moment.section(), moment.node()));
            if (moment.flow() != null) around.add(moment.flow());
            for (NodeId id : around) {
                if (looked.add(id) && names(subject.node(id), prop) && !(i == before && id.equals(moment.node())))
                    return moment.startMs();
            }
        }
        return -1;
    }

    private static boolean names(@Nullable Node node, String prop) {
        if (node instanceof Step step)
            return names(texts(step.texts()), prop)
                    || step.props().stream().anyMatch(p -> p.name().equals(prop));
        if (node instanceof Flow flow) return names(texts(flow.texts()), prop);
        return node instanceof Section section && names(texts(section.texts()), prop);
    }

    private static String texts(Texts texts) {
        return texts.note() + " " + texts.say();
    }

    private static boolean names(String text, String prop) {
        return PropsTold.names(text, prop);
    }

    @Override
    public List<Mend> mends(Subject subject, Finding finding) {
        Section first = subject.plan().sections().get(0);
        String needed = PropsTold.asked(subject.plan()).stream()
                .filter(prop -> prop.name().equals(finding.about()))
                .map(Prop::toString)
                .findFirst()
                .orElse(finding.about());
        String line = READY + needed + ".";
        String note = first.texts().note().isEmpty() ? line : first.texts().note() + "\n" + line;
        if (note.length() > Texts.MOST_NOTE_LETTERS) return List.of();
        return List.of(new Mend(
                "Name it at the beginning: “%s”".formatted(line),
                new PlanEdit.Change(first.with(first.texts().withNote(note)))));
    }

    /** A note that says first what is to lie ready, and nothing else of what was to lie ready before. */
    public static String ready(String note, List<Prop> props) {
        List<String> lines = new ArrayList<>();
        if (!props.isEmpty())
            lines.add(READY + Wording.and(props.stream().map(Prop::toString).toList()) + ".");
        note.lines().filter(line -> !line.startsWith(READY)).forEach(lines::add);
        return String.join("\n", lines);
    }

    /** A note in which all that is to lie ready stands in one line. */
    public static String readyTogether(String note) {
        List<String> lines = new ArrayList<>();
        List<String> ready = new ArrayList<>();
        int at = -1;
        for (String line : note.lines().toList()) {
            if (line.startsWith(READY) && line.endsWith(".")) {
                if (at < 0) at = lines.size();
                ready.add(line.substring(READY.length(), line.length() - 1));
            } else lines.add(line);
        }
        if (ready.size() < 2) return note;
        lines.add(at, READY + Wording.and(ready) + ".");
        return String.join("\n", lines);
    }
}
