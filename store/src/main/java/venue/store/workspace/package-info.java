/** A site at work: its working copy and live release in memory, every change kept before it is acknowledged. */
@NullMarked
package venue.store.workspace;

import org.jspecify.annotations.NullMarked;
