/** Items as JSON, in the shapes of then and now. */
@NullMarked
package venue.core.edition.json;

import org.jspecify.annotations.NullMarked;
