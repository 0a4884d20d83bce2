/** What is done to templates, and with them to the pages that wear them. */
@NullMarked
package venue.core.change.edit.template;

import org.jspecify.annotations.NullMarked;
