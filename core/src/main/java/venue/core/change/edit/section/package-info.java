/** What is done to sections and the elements in them, wherever they stand. */
@NullMarked
package venue.core.change.edit.section;

import org.jspecify.annotations.NullMarked;
