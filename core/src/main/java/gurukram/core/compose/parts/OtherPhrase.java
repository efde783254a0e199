package gurukram.core.compose.parts;

import gurukram.core.compose.brief.Brief;
import gurukram.core.phrase.Phrase;
import gurukram.core.phrase.PhraseLine;
import gurukram.core.plan.Flow;
import gurukram.core.plan.NodeId;
import gurukram.core.plan.NodeNames;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Another phrase in the place of one. */
public final class OtherPhrase {
    private final Attempt attempt;
    private final Brief brief;
    private final Phrases phrases;

    public OtherPhrase(Attempt attempt) {
        this.attempt = attempt;
        this.brief = attempt.brief();
        this.phrases = new Phrases(attempt);
    }

    /**
     * Another phrase of the same kind that begins and ends where a flow does; each that fits comes once before the first comes
     * again.
     *
     * @param names of the flows the class has already
     * @return empty when the flow is no phrase, or nothing else fits there
     */
    public Optional<Flow> instead(Flow flow, Set<String> names) {
        Optional<Phrase> now = attempt.phrases().called(flow.settings().name());
        Optional<PhraseLine> here = now.flatMap(phrase -> attempt.phrases().at(brief.level(), phrase.id()));
        if (here.isEmpty()) return Optional.empty();
        List<PhraseLine> fitting = attempt.phrases().at(brief.level()).stream()
                .filter(line -> fits(line, here.get())
                        && !names.contains(line.flow().settings().name())
                        && !phrases.stepsOf(line).isEmpty())
                .toList();
        if (fitting.isEmpty()) return Optional.empty();
        List<PhraseLine> book = attempt.phrases().at(brief.level());
        int at = book.indexOf(here.get());
        PhraseLine next = fitting.stream()
                .filter(line -> book.indexOf(line) > at)
                .findFirst()
                .orElse(fitting.get(0));
        return phrases.take(line -> line == next, line -> 0).map(taken -> (Flow) NodeNames.renamed(
                taken.flow(),
                id -> new NodeId(flow.id().value()
                        + id.value().substring(taken.flow().id().value().length()))));
    }

    private boolean fits(PhraseLine line, PhraseLine here) {
        return line != here
                && Phrases.isIn(line, here.phrase().part(), here.phrase().kind())
                && line.phrase().styles().contains(brief.style())
                && line.startsBase() == here.startsBase()
                && line.endsBase() == here.endsBase();
    }
}
