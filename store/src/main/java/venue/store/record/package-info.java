/** What was done that is no edit: who, when, what, from where. */
@NullMarked
package venue.store.record;

import org.jspecify.annotations.NullMarked;
