package venue.server.app;

import java.security.SecureRandom;
import java.time.InstantSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import venue.store.database.Database;
import venue.store.link.Links;
import venue.store.people.Credentials;
import venue.store.people.Persons;
import venue.store.people.Seats;
import venue.store.people.SecondSteps;
import venue.store.people.SignInRules;
import venue.store.people.Team;
import venue.store.record.Records;
import venue.store.session.Sessions;

/** What is known of people, put together. */
@Configuration(proxyBeanMethods = false)
class PeopleParts {

    @Bean
    Persons persons(Database database, InstantSource clock) {
        return new Persons(database, clock);
    }

    @Bean
    Seats seats(Database database) {
        return new Seats(database);
    }

    @Bean
    Links links(Database database, InstantSource clock) {
        return new Links(database, clock);
    }

    @Bean
    Records records(Database database, InstantSource clock) {
        return new Records(database, clock);
    }

    @Bean(destroyMethod = "close")
    Sessions sessions(Database database, InstantSource clock) {
        return new Sessions(database, clock);
    }

    @Bean
    SignInRules signInRules(Database database, Records records) {
        return new SignInRules(database, records);
    }

    @Bean
    SecondSteps secondSteps(Database database, Records records) {
        return new SecondSteps(database, records);
    }

    @Bean
    Credentials credentials(Database database, Persons persons, Links links, Sessions sessions, Records records) {
        return new Credentials(database, persons, links, sessions, records);
    }

    @Bean
    Team team(Database database, Persons persons, Links links, Sessions sessions, InstantSource clock) {
        return new Team(database, persons, links, sessions, clock, new SecureRandom());
    }
}
