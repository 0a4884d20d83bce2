/** What a new site still lacks: questions to its state, ticked by nothing else. */
@NullMarked
package venue.server.firststeps;

import org.jspecify.annotations.NullMarked;
