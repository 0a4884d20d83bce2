/** What visitors take along before they order it, and what can be taken along: values alone. */
@NullMarked
package venue.core.body.basket;

import org.jspecify.annotations.NullMarked;
