/** Three-way merge of contents by identity. */
@NullMarked
package venue.core.edition.merge;

import org.jspecify.annotations.NullMarked;
