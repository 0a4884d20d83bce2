/** What is kept: immutable contents known by their hash. */
@NullMarked
package venue.core.basics.item;

import org.jspecify.annotations.NullMarked;
