/** What is done to forms. */
@NullMarked
package venue.core.change.edit.form;

import org.jspecify.annotations.NullMarked;
