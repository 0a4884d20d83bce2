/** Sections, their columns and elements, and the zones that hold them. */
@NullMarked
package venue.core.model.section;

import org.jspecify.annotations.NullMarked;
