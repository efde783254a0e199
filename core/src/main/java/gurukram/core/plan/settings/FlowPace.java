package gurukram.core.plan.settings;

import gurukram.core.text.Refused;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * How a flow's rounds differ in time and words.
 *
 * @param typed the pace of all rounds; null leaves it to the teacher's
 * @param byRound typed paces round by round, the last one for all that follow; empty when it does not change
 * @param modes runs that sum to the rounds; empty when every round is on the breath
 * @param cues how much is said round by round, the last one for all that follow; empty leaves it to the mode
 */
public record FlowPace(@Nullable TypedPace typed, List<TypedPace> byRound, List<Mode.Run> modes, List<CueLevel> cues) {
    public static final FlowPace USUAL = new FlowPace(null, List.of(), List.of(), List.of());

    public FlowPace {
        byRound = atMost(byRound, "paces");
        modes = atMost(modes, "modes");
        cues = atMost(cues, "ways of cueing");
        if (typed != null && !byRound.isEmpty()) {
            throw new Refused("Give one pace for all rounds, or one for each round, not both.");
        }
    }

    private static <T> List<T> atMost(List<T> list, String what) {
        if (list == null) return List.of();
        if (list.size() > FlowSettings.ROUNDS.most())
            throw new Refused("That is more " + what + " than a flow can have rounds.");
        return List.copyOf(list);
    }

    /** The typed pace of a round; null where the teacher's own pace holds. */
    public @Nullable TypedPace typedIn(int round) {
        return byRound.isEmpty() ? typed : byRound.get(Math.min(round, byRound.size()) - 1);
    }

    public Mode modeIn(int round) {
        int last = 0;
        for (Mode.Run run : modes) {
            last += run.rounds();
            if (round <= last) return run.mode();
        }
        return Mode.BREATH;
    }

    /** How much is said in a round: as written, else nothing in silent rounds, the whole cue in the first, then its short form. */
    public CueLevel cueIn(int round) {
        if (!cues.isEmpty()) return cues.get(Math.min(round, cues.size()) - 1);
        if (modeIn(round) == Mode.SILENT) return CueLevel.SILENT;
        return round == 1 || modeIn(round) == Mode.LEARN ? CueLevel.LONG : CueLevel.SHORT;
    }

    public int modeRounds() {
        return modes.stream().mapToInt(Mode.Run::rounds).sum();
    }

    /**
     * The modes shared out over another number of rounds by largest remainder; of equal remainders the earlier run gets
     * the round (ours). A run that gets none is dropped.
     */
    public FlowPace sharedOver(int rounds) {
        int before = modeRounds();
        if (modes.isEmpty() || before == rounds) return this;
        int[] share =
                modes.stream().mapToInt(run -> run.rounds() * rounds / before).toArray();
        int left = rounds - IntStream.of(share).sum();
        IntStream.range(0, share.length)
                .boxed()
                .sorted(Comparator.comparing((Integer i) -> -(modes.get(i).rounds() * rounds % before)))
                .limit(left)
                .forEach(i -> share[i]++);
        List<Mode.Run> shared = new ArrayList<>();
        for (int i = 0; i < share.length; i++) {
            if (share[i] > 0) shared.add(new Mode.Run(share[i], modes.get(i).mode()));
        }
        return new FlowPace(typed, byRound, shared, cues);
    }

    public FlowPace withTyped(@Nullable TypedPace other) {
        return new FlowPace(other, List.of(), modes, cues);
    }

    public FlowPace withByRound(List<TypedPace> paces) {
        return new FlowPace(null, paces, modes, cues);
    }

    public FlowPace withModes(List<Mode.Run> others) {
        return new FlowPace(typed, byRound, others, cues);
    }

    /** Another mode in one of so many rounds; the others stay as they are. */
    public FlowPace withModeIn(int round, int rounds, Mode mode) {
        List<Mode.Run> runs = new ArrayList<>();
        for (int i = 1; i <= rounds; i++) {
            Mode here = i == round ? mode : modeIn(i);
            Mode.Run last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
            if (last == null || last.mode() != here) runs.add(new Mode.Run(1, here));
            else runs.set(runs.size() - 1, new Mode.Run(last.rounds() + 1, here));
        }
        boolean usual = runs.size() == 1 && runs.get(0).mode() == Mode.BREATH;
        return withModes(usual ? List.of() : runs);
    }

    /**
     * Another typed pace in one round. Rounds before it that have none typed get the same, as it cannot be typed for a later
     * round alone; the rounds behind it keep what they had, or follow it. Null takes the typed paces of all rounds away.
     */
    public FlowPace withTypedIn(int round, @Nullable TypedPace other) {
        if (other == null) return withTyped(null);
        List<TypedPace> paces = new ArrayList<>();
        for (int i = 1; i <= Math.max(round, byRound.size()); i++) {
            TypedPace before = typedIn(i);
            paces.add(i == round || before == null ? other : before);
        }
        return withByRound(paces);
    }

    public FlowPace withCues(List<CueLevel> others) {
        return new FlowPace(typed, byRound, modes, others);
    }
}
