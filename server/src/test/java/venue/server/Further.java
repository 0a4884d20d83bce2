package venue.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.Random;
import org.junit.jupiter.api.extension.ConditionEvaluationResult;
import org.junit.jupiter.api.extension.ExecutionCondition;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * A further test, or class of tests, of a capability that has another one: a run of all tests draws one in three of these by its
 * seed, {@code ./venue bench every} runs them all, and one whose class is named is run.
 */
@Target({ElementType.TYPE, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
@ExtendWith(Further.Drawn.class)
public @interface Further {

    /** Whether it is drawn. */
    final class Drawn implements ExecutionCondition {

        private static final int ONE_IN = 3;

        @Override
        public ConditionEvaluationResult evaluateExecutionCondition(ExtensionContext context) {
            if (context.getElement()
                    .filter(e -> e.isAnnotationPresent(Further.class))
                    .isEmpty()) {
                return ConditionEvaluationResult.enabled("its class was drawn");
            }
            String name = context.getRequiredTestClass().getSimpleName();
            if (Boolean.getBoolean("venue.all")
                    || System.getProperty("test", "").contains(name)) {
                return ConditionEvaluationResult.enabled("all are run, or this one was named");
            }
            String drawn = name + context.getTestMethod().map(m -> m.getName()).orElse("");
            return new Random(Sampled.SEED ^ drawn.hashCode()).nextInt(ONE_IN) == 0
                    ? ConditionEvaluationResult.enabled("drawn by the seed " + Sampled.SEED)
                    : ConditionEvaluationResult.disabled("not drawn by the seed " + Sampled.SEED);
        }
    }
}
