/** Who may see a page, and who looks. */
@NullMarked
package venue.core.model.gate;

import org.jspecify.annotations.NullMarked;
