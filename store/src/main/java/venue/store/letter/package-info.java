/** Lists of those who asked for letters, the letters, and whom each has gone to. */
@NullMarked
package venue.store.letter;

import org.jspecify.annotations.NullMarked;
