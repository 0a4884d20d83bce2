package venue.server;

import java.lang.reflect.Field;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.platform.commons.support.AnnotationSupport;
import org.springframework.test.context.junit.jupiter.SpringExtension;

/** Signs in the clients that a test declares by {@link As}, before each test. */
final class Clients implements BeforeEachCallback {

    @Override
    public void beforeEach(ExtensionContext context) throws IllegalAccessException {
        int port = SpringExtension.getApplicationContext(context)
                .getEnvironment()
                .getRequiredProperty("local.server.port", Integer.class);
        for (Field field : AnnotationSupport.findAnnotatedFields(context.getRequiredTestClass(), As.class)) {
            String person = field.getAnnotation(As.class).value();
            field.setAccessible(true);
            field.set(
                    context.getRequiredTestInstance(),
                    person.isEmpty() ? new Client(port) : Client.signedIn(port, person));
        }
    }
}
