package venue.server.app;

import java.time.InstantSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import venue.store.answer.AnswerFiles;
import venue.store.answer.Answers;
import venue.store.answer.FormCalls;
import venue.store.answer.FormSeal;
import venue.store.answer.HookHosts;
import venue.store.database.Database;
import venue.store.letter.Letters;
import venue.store.letter.Subscribers;
import venue.store.link.Links;
import venue.store.member.Members;
import venue.store.people.Credentials;
import venue.store.people.Persons;
import venue.store.people.Seats;
import venue.store.people.SecondSteps;
import venue.store.people.SignInRules;
import venue.store.people.Team;
import venue.store.record.Records;
import venue.store.session.Sessions;

/** Hands out what is known of people. */
@Configuration(proxyBeanMethods = false)
class PeopleParts {

    @Bean
    Records records(FolderParts parts) {
        return parts.records();
    }

    @Bean
    Persons persons(FolderParts parts) {
        return parts.people().persons();
    }

    @Bean
    Seats seats(FolderParts parts) {
        return parts.people().seats();
    }

    @Bean
    Links links(FolderParts parts) {
        return parts.people().links();
    }

    @Bean(destroyMethod = "")
    Sessions sessions(FolderParts parts) {
        return parts.people().sessions();
    }

    @Bean
    Credentials credentials(FolderParts parts) {
        return parts.people().credentials();
    }

    @Bean
    Members members(FolderParts parts) {
        return parts.people().members();
    }

    @Bean(destroyMethod = "")
    Answers answers(FolderParts parts) {
        return parts.people().answers();
    }

    @Bean
    Subscribers subscribers(FolderParts parts) {
        return parts.people().subscribers();
    }

    @Bean("lettersKept")
    Letters letters(FolderParts parts) {
        return parts.people().letters();
    }

    @Bean
    AnswerFiles answerFiles(Database database, InstantSource clock) {
        return new AnswerFiles(database, clock);
    }

    @Bean
    FormCalls formCalls(Database database) {
        return new FormCalls(database);
    }

    @Bean
    HookHosts hookHosts(Database database, Records records) {
        return new HookHosts(database, records);
    }

    @Bean
    FormSeal formSeal(Database database) {
        return new FormSeal(database);
    }

    @Bean
    Team team(FolderParts parts) {
        return parts.people().team();
    }

    @Bean
    SignInRules signInRules(Database database, Records records) {
        return new SignInRules(database, records);
    }

    @Bean
    SecondSteps secondSteps(Database database, Records records) {
        return new SecondSteps(database, records);
    }
}
