/** The theme: palette roles, tones, type and spacing, and the one stylesheet they make. */
@NullMarked
package venue.core.model.theme;

import org.jspecify.annotations.NullMarked;
