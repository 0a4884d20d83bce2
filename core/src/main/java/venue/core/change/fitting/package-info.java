/** What a page is in another template: which section goes where, and what stays behind. */
@NullMarked
package venue.core.change.fitting;

import org.jspecify.annotations.NullMarked;
