/** Kinds of page: their fields, the templates they may wear, and where they may stand. */
@NullMarked
package venue.core.model.kind;

import org.jspecify.annotations.NullMarked;
