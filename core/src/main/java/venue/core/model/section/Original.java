package venue.core.model.section;

import java.util.List;
import java.util.Optional;

/** An item of whose sections pages hold copies: a template or a pattern. */
public interface Original extends Sectioned {

    /** The sections that pages get copies of. */
    List<Section> starters();

    /** Sections that pages have no copy of: pages show them as they stand here. */
    default List<Section> fixed() {
        return List.of();
    }

    /** Whether the pages follow it: a section that goes here goes there, and one that comes is offered. */
    default boolean leads() {
        return false;
    }

    /** One of its sections, copied or not. */
    Optional<Section> section(String sectionId);
}
