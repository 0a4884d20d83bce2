/** What a listing asks for, and what it is answered: values alone. */
@NullMarked
package venue.core.body.listing;

import org.jspecify.annotations.NullMarked;
