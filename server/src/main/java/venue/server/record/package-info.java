/** The record, as it is read and saved. */
@NullMarked
package venue.server.record;

import org.jspecify.annotations.NullMarked;
