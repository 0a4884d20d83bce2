package venue.core.edition.merge;

import java.util.List;

/** The ids of what stood in a list, in order; what they name stands in the table. */
record IdList(List<String> ids) {}
