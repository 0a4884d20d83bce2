/** What can be chosen from: element kinds, kinds, templates, patterns. */
@NullMarked
package venue.server.catalog;

import org.jspecify.annotations.NullMarked;
