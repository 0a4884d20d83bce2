/** The sitemap and robots.txt of an edition. */
@NullMarked
package venue.core.live.sitemap;

import org.jspecify.annotations.NullMarked;
