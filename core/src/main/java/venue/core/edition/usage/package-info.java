/** Where pictures and files are used. */
@NullMarked
package venue.core.edition.usage;

import org.jspecify.annotations.NullMarked;
