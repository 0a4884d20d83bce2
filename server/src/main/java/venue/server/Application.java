package venue.server;

import java.time.InstantSource;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import venue.store.database.DataFolder;

/** The Spring application. */
@SpringBootApplication(proxyBeanMethods = false)
@ConfigurationPropertiesScan
public class Application {

    /** Starts the server on a folder that has been taken; it lets go of it when it ends. */
    public static ConfigurableApplicationContext start(DataFolder folder, Map<String, Object> properties) {
        return start(folder, properties, InstantSource.system());
    }

    /** The same by another clock. */
    public static ConfigurableApplicationContext start(
            DataFolder folder, Map<String, Object> properties, InstantSource clock) {
        SpringApplication application = new SpringApplication(Application.class);
        application.setDefaultProperties(properties);
        application.addInitializers(context -> {
            GenericApplicationContext parts = (GenericApplicationContext) context;
            parts.registerBean(DataFolder.class, () -> folder);
            parts.registerBean(InstantSource.class, () -> clock);
        });
        return application.run();
    }
}
