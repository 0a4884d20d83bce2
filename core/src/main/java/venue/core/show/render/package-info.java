/** The renderer: one page of one edition into one HTML document. */
@NullMarked
package venue.core.show.render;

import org.jspecify.annotations.NullMarked;
