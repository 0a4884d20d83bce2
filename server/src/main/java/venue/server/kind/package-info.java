/** Kinds: their fields, form and rules, and who inherits what. */
@NullMarked
package venue.server.kind;

import org.jspecify.annotations.NullMarked;
