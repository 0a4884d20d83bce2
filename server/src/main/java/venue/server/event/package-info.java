/** What happens, told to every open window; who is here. */
@NullMarked
package venue.server.event;

import org.jspecify.annotations.NullMarked;
