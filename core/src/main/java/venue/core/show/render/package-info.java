/** The renderer: one page of one edition into one HTML document. A door: proofs, the live site and drawings come in by it. */
@NullMarked
package venue.core.show.render;

import org.jspecify.annotations.NullMarked;
