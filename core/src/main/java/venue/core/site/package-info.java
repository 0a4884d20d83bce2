/** The site itself: names, hosts, language, home page and facts. */
@NullMarked
package venue.core.site;

import org.jspecify.annotations.NullMarked;
