/** The site itself: names, hosts, language, home page and facts. */
@NullMarked
package venue.core.model.site;

import org.jspecify.annotations.NullMarked;
