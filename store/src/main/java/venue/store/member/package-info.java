/** Members of sites: who they are, their groups, where they are signed in, links that are good once. */
@NullMarked
package venue.store.member;

import org.jspecify.annotations.NullMarked;
