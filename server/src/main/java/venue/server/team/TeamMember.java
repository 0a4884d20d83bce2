package venue.server.team;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.store.people.Person;

/**
 * Somebody in the list of people.
 *
 * @param seenAt when they were last here, ISO 8601; absent for never
 */
record TeamMember(
        @JsonUnwrapped MemberName named,
        @JsonUnwrapped MemberMay may,
        Person.State state,
        boolean secondStep,
        @Nullable String seenAt) {

    public record MemberName(PersonId id, String email, String name) {}

    /**
     * @param mayGive whether they may give of the sites they manage to all sites
     * @param seats their role by site, of the sites that whoever asks may see
     */
    public record MemberMay(boolean owner, boolean mayGive, Map<SiteId, Role> seats) {}
}
