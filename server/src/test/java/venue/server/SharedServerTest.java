package venue.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ContextConfiguration;

/** A server with the demo loaded, on a free port, shared by the classes that only read there. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = "venue.demo-password=" + Client.PASSWORD)
@ContextConfiguration(initializers = DemoCopy.class)
@ExtendWith(Clients.class)
@interface SharedServerTest {}
