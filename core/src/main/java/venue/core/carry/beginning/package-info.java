/** What new sites begin with: packs laid out in folders beside these classes. */
@NullMarked
package venue.core.carry.beginning;

import org.jspecify.annotations.NullMarked;
