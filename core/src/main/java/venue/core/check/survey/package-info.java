/** The survey: small rules that find what does not agree. */
@NullMarked
package venue.core.check.survey;

import org.jspecify.annotations.NullMarked;
