/** Filters of the plan that people keep by name. */
@NullMarked
package venue.store.filter;

import org.jspecify.annotations.NullMarked;
