package venue.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.core.annotation.AliasFor;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ContextConfiguration;

/** A server of its own with the demo loaded, on a free port. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = "venue.demo-password=" + Client.PASSWORD)
@ContextConfiguration
@DirtiesContext
@ExtendWith(Clients.class)
@interface ServerTest {

    /** What the server is begun with. */
    @AliasFor(annotation = ContextConfiguration.class)
    Class<? extends DemoCopy>[] initializers() default DemoCopy.class;
}
