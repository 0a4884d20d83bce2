/** Planning a release: what changes, what must come along, what redirects follow. */
@NullMarked
package venue.core.live.release;

import org.jspecify.annotations.NullMarked;
