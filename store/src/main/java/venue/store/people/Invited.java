package venue.store.people;

/** Somebody for whom a link has been made, and its token, which is told this once. */
public record Invited(Person person, String token) {}
