/** Letters to lists: who subscribes and leaves, what a letter is made of, and how it goes out. */
@NullMarked
package venue.server.letter;

import org.jspecify.annotations.NullMarked;
