package gurukram.core.check;

import java.io.IOException;
import java.util.List;

/** Prints every finding of the slips with its mends, to be read as a trainer reads them. */
final class SlipMends {
    private SlipMends() {}

    public static void main(String[] args) throws IOException {
        for (OwnSlipsTest.Slip slip : OwnSlipsTest.slips("own-slips.txt")) {
            Checked slipped = OwnSlipsTest.checked(slip.applied());
            List<Finding> before = OwnSlipsTest.checkedClean(slip).report().findings();
            System.out.println("== " + slip.what());
            for (Finding finding : slipped.report().findings()) {
                if (finding.severity() == Severity.INFO
                        || before.stream().anyMatch(old -> old.what().equals(finding.what()))) continue;
                System.out.println("  " + finding.severity() + " " + finding.rule() + ": " + finding.what());
                slipped.mends(finding).forEach(mend -> System.out.println("      → " + mend.label()));
            }
        }
    }
}
