/** What is done to pictures and files. */
@NullMarked
package venue.core.change.edit.media;

import org.jspecify.annotations.NullMarked;
