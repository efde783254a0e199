package gurukram.web.plans.paper;

import gurukram.core.plan.settings.ClassSettings;
import gurukram.core.pose.PoseCatalogue;
import gurukram.core.time.Millis;
import gurukram.web.plans.StoredClass;
import gurukram.web.plans.View;
import gurukram.web.plans.findings.ClassChecks;
import gurukram.web.plans.findings.FindingsPanel;

/**
 * The check report on paper.
 *
 * @param about slot, style and line looked at
 */
public record ReportPage(String id, String title, String about, String length, FindingsPanel findings) {
    public static ReportPage of(StoredClass stored, ClassChecks.Found found, View view, PoseCatalogue catalogue) {
        ClassSettings s = stored.plan().settings();
        String line = view.isMixed() ? "mixed room" : view.level().word();
        return new ReportPage(
                stored.id().toString(),
                s.title(),
                "%d min, %s, %s".formatted(s.slotMinutes(), s.style().word(), line),
                Millis.showWhole(found.subject().score().totalMs()),
                FindingsPanel.all(found, catalogue));
    }
}
