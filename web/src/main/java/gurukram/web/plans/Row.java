package gurukram.web.plans;

import gurukram.core.text.Words;
import java.util.List;

/** One row of the spine. */
public sealed interface Row {
    String id();

    /** {@code section}, {@code flow} or {@code step}: the part file that draws it. */
    String kind();

    record SectionRow(
            String id,
            String title,
            Field name,
            Field role,
            Field cueing,
            String start,
            String length,
            String share,
            boolean empty)
            implements Row {
        @Override
        public String kind() {
            return "section";
        }
    }

    /**
     * @param counts rounds, passes and movements in words
     * @param feet which foot steps where; empty when none does
     * @param impossible steps nobody can take
     * @param line the flow's line as text, {@code lines} what stands under it
     */
    record FlowRow(
            String id,
            Field name,
            List<Field> fields,
            String start,
            String length,
            String counts,
            String feet,
            List<String> impossible,
            SpineBar bar,
            Field line,
            Field lines,
            boolean empty)
            implements Row {
        @Override
        public String kind() {
            return "flow";
        }
    }

    /** @param words when it is done, as written */
    record LinkRow(String id, String words) implements Row {
        @Override
        public String kind() {
            return "link";
        }
    }

    /**
     * @param figure address of the drawn figure; empty for open time
     * @param atThisLevel what the shown level does differently; empty when nothing
     * @param written the dose as text
     * @param lines marks, timing, props and layers as text
     * @param layers what is different at some levels, rounds or passes
     * @param sum how the length comes about
     * @param bracket classes that go on with a flow's bracket; empty outside flows
     * @param ownDose whether the shown level has a dose of its own
     */
    record StepRow(
            String id,
            String name,
            String figure,
            String sanskrit,
            String atThisLevel,
            String start,
            String length,
            String sum,
            SpineBar bar,
            Field sides,
            Field unit,
            List<Field> dose,
            Field written,
            Field note,
            Field lines,
            List<String> layers,
            List<String> cautions,
            String bracket,
            boolean ownDose)
            implements Row {
        @Override
        public String kind() {
            return "step";
        }

        public String label() {
            return name + ", from " + start + ", " + length;
        }

        /** {@code 3 cautions · note}: what lies under the fold. */
        public String more() {
            String count = cautions.isEmpty() ? "more" : Words.count(cautions.size(), "caution");
            return note.value().isEmpty() ? count : count + " · note";
        }

        /** One caution a line. */
        public String cautionLines() {
            return String.join("\n", cautions);
        }
    }
}
