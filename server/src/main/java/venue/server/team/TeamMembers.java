package venue.server.team;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.server.here.Caller;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Seats;
import venue.store.people.SecondSteps;
import venue.store.workspace.Workspaces;

/** The people of the installation, as those who may see them are told. */
@Component
class TeamMembers {

    private final Persons persons;
    private final Seats seats;
    private final SecondSteps secondSteps;
    private final Workspaces workspaces;

    TeamMembers(Persons persons, Seats seats, SecondSteps secondSteps, Workspaces workspaces) {
        this.persons = persons;
        this.seats = seats;
        this.secondSteps = secondSteps;
        this.workspaces = workspaces;
    }

    /** Everybody for owners; for managers those of their sites. */
    List<TeamMember> seenBy(Caller caller) {
        Set<SiteId> managed = managed(caller);
        Map<PersonId, Map<SiteId, Role>> bySite = new HashMap<>();
        for (Seats.Seat seat : seats.all()) {
            if (managed.contains(seat.site())) {
                bySite.computeIfAbsent(seat.person(), p -> new HashMap<>()).put(seat.site(), seat.role());
            }
        }
        return persons.all().stream()
                .filter(p -> caller.person().owner() || bySite.containsKey(p.id()))
                .map(p -> member(p, bySite.getOrDefault(p.id(), Map.of())))
                .toList();
    }

    /** Sites that whoever asks manages; those who manage none see nobody. */
    private Set<SiteId> managed(Caller caller) {
        Set<SiteId> managed = seats.roles(workspaces.ids(), caller.person()).entrySet().stream()
                .filter(s -> s.getValue() == Role.MANAGER)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
        if (managed.isEmpty() && !caller.person().owner()) {
            throw Refusal.forbidden(
                    "managers-only", "Only managers and owners see the list of people.", "Ask one of them.");
        }
        return managed;
    }

    private TeamMember member(Person person, Map<SiteId, Role> roles) {
        return new TeamMember(
                new TeamMember.MemberName(person.id(), person.email(), person.name()),
                new TeamMember.MemberMay(person.owner(), person.mayGive(), roles),
                person.state(),
                secondSteps.isOn(person.id()),
                person.seenAt());
    }
}
