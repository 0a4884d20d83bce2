/** What visitors sent, as the people of a site work with it. */
@NullMarked
package venue.server.answer;

import org.jspecify.annotations.NullMarked;
