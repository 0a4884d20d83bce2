/** Sections and templates written down in code, for sites that are made by a program. */
@NullMarked
package venue.core.carry.compose;

import org.jspecify.annotations.NullMarked;
