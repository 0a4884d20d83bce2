package venue.server.team;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.model.site.Role;
import venue.store.people.Person;

/**
 * Somebody in the list of people.
 *
 * @param mayGive whether they may give of the sites they manage to all sites
 * @param seats their role by site, of the sites that whoever asks may see
 * @param seenAt when they were last here, ISO 8601; absent for never
 */
record TeamMember(
        String id,
        String email,
        String name,
        boolean owner,
        boolean mayGive,
        Person.State state,
        boolean secondStep,
        Map<String, Role> seats,
        @Nullable String seenAt) {}
