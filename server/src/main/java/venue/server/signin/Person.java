package venue.server.signin;

import venue.core.site.Role;

/** Somebody who is signed in, as the interface shows them. */
record Person(String email, String name, Role role) {}
