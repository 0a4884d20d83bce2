/** Benchmarks: our renderer beside a general template engine. */
@NullMarked
package venue.bench;

import org.jspecify.annotations.NullMarked;
