package venue.store.account;

import venue.core.site.Role;

/** Somebody who signs in. */
public record Account(String id, String email, String name, String password, Role role) {}
