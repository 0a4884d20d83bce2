/** Forms, which visitors fill in: what they ask for, and what comes of it. */
@NullMarked
package venue.core.model.form;

import org.jspecify.annotations.NullMarked;
