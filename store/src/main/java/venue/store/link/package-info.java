/** Codes and links that are good once: set-up, invitations, forgotten passwords, confirming an address. */
@NullMarked
package venue.store.link;

import org.jspecify.annotations.NullMarked;
