package venue.core.survey;

import java.util.stream.Stream;

/** One rule of the survey. */
interface Rule {

    String key();

    /** What it looks at, in a few words. */
    String name();

    Severity severity();

    /** Why it matters, as a sentence. */
    String why();

    Stream<Finding> find(Scope scope);
}
