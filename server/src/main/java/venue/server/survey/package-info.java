/** Findings and the sitemap's table. */
@NullMarked
package venue.server.survey;

import org.jspecify.annotations.NullMarked;
