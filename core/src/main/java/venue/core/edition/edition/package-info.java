/**
 * An edition: all items of a site at one moment, with the tree, the addresses and the links derived from them. A door: each
 * public type is one question that an edition answers.
 */
@NullMarked
package venue.core.edition.edition;

import org.jspecify.annotations.NullMarked;
