/** Uploads: looked at before they are received, then kept in the data folder until they are taken in. */
@NullMarked
package venue.server.intake;

import org.jspecify.annotations.NullMarked;
