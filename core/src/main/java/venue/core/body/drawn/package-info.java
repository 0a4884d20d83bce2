/** How elements and layouts are drawn small, by marks on a plane. */
@NullMarked
package venue.core.body.drawn;

import org.jspecify.annotations.NullMarked;
