/** The people of an installation, what they are in each site, and the rules by which both change. */
@NullMarked
package venue.store.people;

import org.jspecify.annotations.NullMarked;
