/** What sites give to all and take from there. */
@NullMarked
package venue.server.library;

import org.jspecify.annotations.NullMarked;
