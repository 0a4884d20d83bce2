/** The demo: Kestrel Moor Observatory, a made-up public observatory, and the program that draws its pictures. */
@NullMarked
package venue.demo;

import org.jspecify.annotations.NullMarked;
