package gurukram.web.shared;

import org.flywaydb.core.api.exception.FlywayValidateException;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** A database that a newer version has written is left alone, and that is said in plain words. */
public final class NewerData extends AbstractFailureAnalyzer<FlywayValidateException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, FlywayValidateException cause) {
        return new FailureAnalysis(
                "What is stored was written by another version of Gurukram, probably a newer one: "
                        + cause.getMessage(),
                "Start that version, or a newer one. Nothing was changed.",
                cause);
    }
}
