package gurukram.web.operations;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.metrics.micrometer.MicrometerMetricsTrackerFactory;
import io.micrometer.core.instrument.Timer;
import io.micrometer.core.instrument.binder.jvm.JvmGcMetrics;
import io.micrometer.core.instrument.binder.jvm.JvmMemoryMetrics;
import io.micrometer.core.instrument.binder.jvm.JvmThreadMetrics;
import io.micrometer.core.instrument.binder.system.ProcessorMetrics;
import io.micrometer.core.instrument.binder.system.UptimeMetrics;
import io.micrometer.prometheusmetrics.PrometheusConfig;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/** How the app does: memory, processor, connections to the database, and requests by what they ask for. Never what people typed. */
@Component
class Metrics implements AutoCloseable {
    private final PrometheusMeterRegistry registry = new PrometheusMeterRegistry(PrometheusConfig.DEFAULT);
    private final JvmGcMetrics collections = new JvmGcMetrics();

    Metrics(DataSource database) {
        new JvmMemoryMetrics().bindTo(registry);
        new JvmThreadMetrics().bindTo(registry);
        new ProcessorMetrics().bindTo(registry);
        new UptimeMetrics().bindTo(registry);
        collections.bindTo(registry);
        if (database instanceof HikariDataSource pool && pool.getMetricsTrackerFactory() == null)
            pool.setMetricsTrackerFactory(new MicrometerMetricsTrackerFactory(registry));
    }

    /** @param route the pattern of its address: {@code /classes/{id}} */
    void request(String method, String route, int status, long nanos) {
        Timer.builder("http.server.requests")
                .tag("method", method)
                .tag("route", route)
                .tag("status", String.valueOf(status))
                .publishPercentileHistogram(false)
                .register(registry)
                .record(nanos, TimeUnit.NANOSECONDS);
    }

    /** In the usual text format. */
    String text() {
        return registry.scrape();
    }

    @Override
    public void close() {
        collections.close();
        registry.close();
    }
}
