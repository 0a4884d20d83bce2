package venue.server.signin;

/** Somebody who is signed in, as the interface shows them. */
public record Person(String email, String name, String role) {}
