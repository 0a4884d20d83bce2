package venue.server.app;

import java.security.SecureRandom;
import java.time.InstantSource;
import venue.store.answer.Answers;
import venue.store.database.Database;
import venue.store.letter.Letters;
import venue.store.letter.Subscribers;
import venue.store.link.Links;
import venue.store.member.Members;
import venue.store.people.Credentials;
import venue.store.people.Persons;
import venue.store.people.Seats;
import venue.store.people.Team;
import venue.store.record.Records;
import venue.store.session.Sessions;

/** Everything that reads or changes people, put together once. */
public record KnownPeople(
        Persons persons,
        Seats seats,
        Links links,
        Sessions sessions,
        Credentials credentials,
        Team team,
        Members members,
        Answers answers,
        Subscribers subscribers,
        Letters letters) {

    static KnownPeople of(Database database, Records records, InstantSource clock) {
        Persons persons = new Persons(database, clock);
        Links links = new Links(database, clock);
        Sessions sessions = new Sessions(database, clock);
        Subscribers subscribers = new Subscribers(database, clock, records);
        return new KnownPeople(
                persons,
                new Seats(database),
                links,
                sessions,
                new Credentials(database, persons, links, sessions, records),
                new Team(database, persons, links, sessions, clock, new SecureRandom()),
                new Members(database, clock, records),
                new Answers(database, clock, records),
                subscribers,
                new Letters(database, clock, records, subscribers));
    }
}
