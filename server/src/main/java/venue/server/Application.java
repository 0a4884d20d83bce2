package venue.server;

import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.ConfigurableApplicationContext;

/** The Spring application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Application {

    public static ConfigurableApplicationContext start(Map<String, Object> properties) {
        SpringApplication application = new SpringApplication(Application.class);
        application.setDefaultProperties(properties);
        return application.run();
    }
}
