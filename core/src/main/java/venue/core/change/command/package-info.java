/** The list of all commands. */
@NullMarked
package venue.core.change.command;

import org.jspecify.annotations.NullMarked;
