/** What every new site begins with: kinds, templates, patterns and looks. */
@NullMarked
package venue.core.readymade;

import org.jspecify.annotations.NullMarked;
