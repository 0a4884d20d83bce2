/** The theme screen: settings, contrast, contact sheet. */
@NullMarked
package venue.server.theme;

import org.jspecify.annotations.NullMarked;
