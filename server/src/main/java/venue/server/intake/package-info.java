/** What is sent is looked at before it is received, and lies in the data folder until it is kept. */
@NullMarked
package venue.server.intake;

import org.jspecify.annotations.NullMarked;
