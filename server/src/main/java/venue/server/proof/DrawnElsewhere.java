package venue.server.proof;

import java.util.Optional;
import venue.server.here.Here;

/** Draws what stands in no site yet. */
public interface DrawnElsewhere {

    /** What drawings are asked for by: {@code SORT/NAME}. */
    String sort();

    /** The markup of one, by its name; empty where there is none. */
    Optional<String> html(Here here, String name);
}
