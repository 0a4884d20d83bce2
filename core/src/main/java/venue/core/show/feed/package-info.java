/** What a listing shows, for those who follow it from elsewhere. */
@NullMarked
package venue.core.show.feed;

import org.jspecify.annotations.NullMarked;
