package venue.server.signin;

import venue.core.basics.item.PersonId;

/**
 * Somebody who is signed in, as the interface shows them.
 *
 * @param lacksSecondStep whether they must set up a second step before they go on
 */
record Me(PersonId id, String email, String name, boolean owner, boolean lacksSecondStep) {}
