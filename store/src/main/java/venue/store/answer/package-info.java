/** What visitors send by forms, and the places that run out: facts of visitors, outside every edition. */
@NullMarked
package venue.store.answer;

import org.jspecify.annotations.NullMarked;
