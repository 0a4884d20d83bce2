package venue.server;

import java.nio.file.Path;
import java.util.UUID;
import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/** Gives each server a folder with the demo in it. */
class DemoCopy implements ApplicationContextInitializer<ConfigurableApplicationContext> {

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        Path data = Path.of("target/test-data", UUID.randomUUID().toString());
        DemoFolder.copyTo(data);
        TestPropertyValues.of("venue.data=" + data).applyTo(context);
    }
}
