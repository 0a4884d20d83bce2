package venue.server.mail;

import java.util.Collection;
import java.util.Locale;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.store.people.Person;
import venue.store.people.Seats;
import venue.store.workspace.Workspaces;

/** In which language somebody is written to: that of a site of theirs. */
@Component
class Languages {

    private final Seats seats;
    private final Workspaces workspaces;

    Languages(Seats seats, Workspaces workspaces) {
        this.seats = seats;
        this.workspaces = workspaces;
    }

    public Locale of(Person person) {
        return of(seats.rolesOf(person.id()).keySet());
    }

    public Locale of(Collection<SiteId> sites) {
        return workspaces.listed(sites).stream()
                .findFirst()
                .map(site -> Locale.forLanguageTag(site.language()))
                .orElse(Locale.ENGLISH);
    }
}
