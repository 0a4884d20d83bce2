/** The sitemap and robots.txt of an edition. */
@NullMarked
package venue.core.sitemap;

import org.jspecify.annotations.NullMarked;
