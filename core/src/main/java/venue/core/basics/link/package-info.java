/** Where a link leads: a page, a file, or an address outside, and nothing that runs. */
@NullMarked
package venue.core.basics.link;

import org.jspecify.annotations.NullMarked;
