/** Loads the demo site the way a person would make it. */
@NullMarked
package venue.server.demo;

import org.jspecify.annotations.NullMarked;
