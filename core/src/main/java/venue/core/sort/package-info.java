/**
 * What each sort of item answers for itself: all that it names, what holds it when it comes from elsewhere, what its changes say, on
 * which pages they show, what must be live beside it, and how it is carried to another site. A new sort is one small class here, listed
 * in {@link venue.core.sort.Sorts}.
 */
@NullMarked
package venue.core.sort;

import org.jspecify.annotations.NullMarked;
