/** What visitors leave on pages: that they read them, what they say, how they like them. */
@NullMarked
package venue.core.body.trace;

import org.jspecify.annotations.NullMarked;
