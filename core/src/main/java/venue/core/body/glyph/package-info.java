/** The small drawing by which a template is known. */
@NullMarked
package venue.core.body.glyph;

import org.jspecify.annotations.NullMarked;
