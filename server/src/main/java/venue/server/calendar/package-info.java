/** Events as calendars take them. */
@NullMarked
package venue.server.calendar;

import org.jspecify.annotations.NullMarked;
