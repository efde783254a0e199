package gurukram.web.support;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.AppenderBase;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.slf4j.LoggerFactory;

/** Everything logged as an error while a test ran: one that nobody expected fails it. */
final class LoggedErrors extends AppenderBase<ILoggingEvent> {
    private final List<String> errors = new CopyOnWriteArrayList<>();

    /** Listens from now on. */
    static LoggedErrors listening() {
        LoggedErrors errors = new LoggedErrors();
        Logger root = (Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME);
        errors.setContext(root.getLoggerContext());
        errors.start();
        root.addAppender(errors);
        return errors;
    }

    @Override
    protected void append(ILoggingEvent event) {
        if (!event.getLevel().isGreaterOrEqual(Level.ERROR)) return;
        String why = event.getThrowableProxy() == null
                ? ""
                : ": " + event.getThrowableProxy().getMessage();
        errors.add(event.getLoggerName() + " " + event.getFormattedMessage() + why);
    }

    /** What was logged since the last time. */
    List<String> taken() {
        List<String> taken = List.copyOf(errors);
        errors.clear();
        return taken;
    }
}
