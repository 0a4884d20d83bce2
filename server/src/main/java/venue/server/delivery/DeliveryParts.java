package venue.server.delivery;

import java.time.InstantSource;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import venue.server.app.FolderParts;
import venue.store.delivery.Deliveries;

/** Deliveries of the server's own folder. */
@Configuration(proxyBeanMethods = false)
class DeliveryParts {

    @Bean
    DeliveryRuns deliveryRuns(
            FolderParts parts,
            Deliveries deliveries,
            InstantSource clock,
            @Value("${venue.s3-key-id:#{null}}") @Nullable String keyId,
            @Value("${venue.s3-key-secret:#{null}}") @Nullable String keySecret) {
        return new DeliveryRuns(parts.path(), parts.media(), deliveries, clock, keyId, keySecret);
    }
}
