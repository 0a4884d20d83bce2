/** Draws the demo's pictures: skies over the moor, instruments and the people who keep them. */
@NullMarked
package venue.demo.picture;

import org.jspecify.annotations.NullMarked;
