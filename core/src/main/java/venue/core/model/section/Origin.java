package venue.core.model.section;

import venue.core.basics.item.Hash;

/**
 * Where a section was copied from.
 *
 * @param item the id of the template or pattern
 * @param section the id of the section there
 * @param taken the hash of the item as it was when this copy last took it
 */
public record Origin(String item, String section, Hash taken) {}
