/** The list of all commands. */
@NullMarked
package venue.core.command;

import org.jspecify.annotations.NullMarked;
