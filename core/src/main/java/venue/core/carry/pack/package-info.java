/**
 * What can be carried from one site to another: an item with all that it needs, and what reading it would do. A door: stores
 * and screens read, look at and write packs by it.
 */
@NullMarked
package venue.core.carry.pack;

import org.jspecify.annotations.NullMarked;
