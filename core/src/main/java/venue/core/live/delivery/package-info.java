/**
 * A site as it lies outside this machine: what a target holds (a manifest in bundles), which answers a change may make others, and in which
 * order they go there, so that nobody ever meets a page whose files are missing.
 */
@NullMarked
package venue.core.live.delivery;

import org.jspecify.annotations.NullMarked;
