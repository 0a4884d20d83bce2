/** What the server does by itself to keep an installation well, one thing at a time, and what owners see of it. */
@NullMarked
package venue.server.upkeep;

import org.jspecify.annotations.NullMarked;
