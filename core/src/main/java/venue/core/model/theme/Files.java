package venue.core.model.theme;

import java.util.Optional;
import venue.core.model.media.Media;

/** The pictures and fonts of the site that a look names. */
public interface Files {

    /** For looks by themselves. */
    Files NONE = id -> Optional.empty();

    /** The file of that id; empty where there is none. */
    Optional<Media> find(String id);
}
