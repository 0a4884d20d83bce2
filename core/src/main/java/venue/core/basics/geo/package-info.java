/** What lies on the ground: shapes as GeoJSON tells them (RFC 7946), read by a kept library. */
@NullMarked
package venue.core.basics.geo;

import org.jspecify.annotations.NullMarked;
