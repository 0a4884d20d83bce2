package venue.store.people;

import venue.core.site.Role;

/** What a person is in one site. */
public record Seat(String site, String person, Role role) {}
