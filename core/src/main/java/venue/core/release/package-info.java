/** Planning a release: what changes, what must come along, what redirects follow. */
@NullMarked
package venue.core.release;

import org.jspecify.annotations.NullMarked;
