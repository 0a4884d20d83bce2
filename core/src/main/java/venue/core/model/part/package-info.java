/** What a page says of itself around its content: which parts there are, and who decides that they show. */
@NullMarked
package venue.core.model.part;

import org.jspecify.annotations.NullMarked;
