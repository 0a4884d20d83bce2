/** Refusals: what could not be done, where, by which rule, and the way out. */
@NullMarked
package venue.core.basics.fault;

import org.jspecify.annotations.NullMarked;
