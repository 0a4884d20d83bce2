/**
 * Sections, their columns and elements, and the zones that hold them. A door: pages, templates, patterns and shared sections
 * are made of it.
 */
@NullMarked
package venue.core.model.section;

import org.jspecify.annotations.NullMarked;
