package venue.store.people;

import java.util.Map;
import venue.core.site.Role;

/**
 * Whom to invite, and what they are to be.
 *
 * @param name what they are called, as far as is known; they say so themselves when they come
 * @param seats their role by site
 */
public record Invitation(String email, String name, Map<String, Role> seats, boolean owner) {

    public Invitation {
        seats = Map.copyOf(seats);
    }
}
