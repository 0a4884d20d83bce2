/** Where pictures and files are used. */
@NullMarked
package venue.core.usage;

import org.jspecify.annotations.NullMarked;
