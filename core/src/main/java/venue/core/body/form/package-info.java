/** What a form asks for, field by field: what each takes, what is wrong with what was sent, and by which control it is filled in. */
@NullMarked
package venue.core.body.form;

import org.jspecify.annotations.NullMarked;
