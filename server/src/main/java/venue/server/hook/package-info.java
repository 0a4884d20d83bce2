/** Hands answers on to other machines, and never to this one or its neighbours. */
@NullMarked
package venue.server.hook;

import org.jspecify.annotations.NullMarked;
