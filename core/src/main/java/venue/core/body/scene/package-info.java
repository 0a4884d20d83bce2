/**
 * What an element can ask of the page and site around it, and its own values as they hold there. A door: all of it is for elements, and
 * for whoever writes pages.
 */
@NullMarked
package venue.core.body.scene;

import org.jspecify.annotations.NullMarked;
