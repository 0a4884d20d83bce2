/** Three-way merge of contents by identity. */
@NullMarked
package venue.core.merge;

import org.jspecify.annotations.NullMarked;
