/** The theme: palette roles, tones, type and spacing, and the one stylesheet they make. A door: looks are read part by part. */
@NullMarked
package venue.core.model.theme;

import org.jspecify.annotations.NullMarked;
