/** Sessions: kept by Spring Session in the same database as everything else. */
@NullMarked
package venue.store.session;

import org.jspecify.annotations.NullMarked;
