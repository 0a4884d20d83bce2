/**
 * What each sort of item answers for itself: what it names, what it is called beside another like it, and on which pages it shows. A new
 * sort is one small class here, listed in {@link venue.core.sort.Sorts}.
 */
@NullMarked
package venue.core.sort;

import org.jspecify.annotations.NullMarked;
