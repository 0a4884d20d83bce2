/** Commands, undo and redo over HTTP. */
@NullMarked
package venue.server.command;

import org.jspecify.annotations.NullMarked;
