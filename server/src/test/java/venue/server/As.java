package venue.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A test's {@link Client}, new for each test, signed in as a person of the demo; without a name, as nobody. */
@Target(ElementType.FIELD)
@Retention(RetentionPolicy.RUNTIME)
@interface As {

    String value() default "";
}
