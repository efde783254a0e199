package gurukram.core.felt;

import gurukram.core.pose.Need;
import java.util.List;

/**
 * What a careful teacher does about what somebody says.
 *
 * @param so what is so, a sentence
 * @param ask the sentence to ask next
 * @param act what to do, in this very pose where it is known
 * @param sendTo whom to send people to; empty where nobody is needed
 * @param needs what needs change about it
 */
public record Reply(Verdict verdict, String so, String ask, String act, String sendTo, List<ByNeed> needs) {
    /** What one need changes. @param why a sentence */
    public record ByNeed(Need need, Verdict verdict, String why, String sendTo) {}

    public Reply {
        needs = List.copyOf(needs);
    }
}
