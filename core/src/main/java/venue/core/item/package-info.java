/** What is kept: immutable contents known by their hash. */
@NullMarked
package venue.core.item;

import org.jspecify.annotations.NullMarked;
