package venue.server.metrics;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.MultiGauge;
import io.micrometer.core.instrument.binder.jvm.JvmGcMetrics;
import io.micrometer.core.instrument.binder.jvm.JvmMemoryMetrics;
import io.micrometer.core.instrument.binder.jvm.JvmThreadMetrics;
import io.micrometer.core.instrument.binder.system.FileDescriptorMetrics;
import io.micrometer.core.instrument.binder.system.ProcessorMetrics;
import io.micrometer.core.instrument.binder.system.UptimeMetrics;
import io.micrometer.prometheusmetrics.PrometheusConfig;
import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import venue.server.delivery.Delivering;
import venue.store.database.DataFolder;
import venue.store.database.Version;
import venue.store.workspace.Workspaces;

/** The numbers that are kept: of the Java runtime, and Venue's own under {@code venue_}. */
@Configuration(proxyBeanMethods = false)
class Meters {

    @Bean
    PrometheusMeterRegistry registry(Workspaces workspaces, DataFolder folder, Delivering delivering) {
        PrometheusMeterRegistry meters = new PrometheusMeterRegistry(PrometheusConfig.DEFAULT);
        List.of(
                        new JvmMemoryMetrics(),
                        new JvmThreadMetrics(),
                        new ProcessorMetrics(),
                        new UptimeMetrics(),
                        new FileDescriptorMetrics())
                .forEach(b -> b.bindTo(meters));
        // It listens as long as the process lives, as the registry does.
        @SuppressWarnings("resource")
        JvmGcMetrics collections = new JvmGcMetrics();
        collections.bindTo(meters);
        own(meters, workspaces, folder);
        Gauge.builder("venue.deliveries.lagging", delivering, d -> d.lagging().size())
                .description("Deliveries that something is in the way of")
                .register(meters);
        return meters;
    }

    /** One for each delivery that something is in the way of, by site and name. */
    @Bean
    MultiGauge lagging(PrometheusMeterRegistry meters) {
        return MultiGauge.builder("venue.delivery.lagging")
                .description("1 while something is in the way of a delivery")
                .register(meters);
    }

    private static void own(MeterRegistry meters, Workspaces workspaces, DataFolder folder) {
        Gauge.builder("venue.info", () -> 1)
                .tag("version", Version.OURS)
                .description("Which Venue runs")
                .register(meters);
        Gauge.builder("venue.sites", workspaces, w -> w.ids().size())
                .description("Sites of this installation")
                .register(meters);
        Gauge.builder("venue.data.free", folder, f -> f.path().toFile().getUsableSpace())
                .baseUnit("bytes")
                .description("Room left on the disk of the data folder")
                .register(meters);
    }
}
