package venue.server.app;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.security.SecureRandom;
import java.time.InstantSource;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import venue.store.account.Accounts;
import venue.store.database.Database;
import venue.store.media.MediaFiles;
import venue.store.media.MediaIntake;
import venue.store.proof.SentProofs;
import venue.store.workspace.Workspaces;

/** The parts below the server, put together. */
@Configuration
class Parts {

    @Bean
    InstantSource clock() {
        return InstantSource.system();
    }

    @Bean(destroyMethod = "close")
    Database database(Settings settings) {
        return Database.open(settings.data());
    }

    @Bean
    Workspaces workspaces(Database database, InstantSource clock) {
        return new Workspaces(database, clock, new SecureRandom());
    }

    @Bean
    SentProofs sentProofs(Database database, InstantSource clock) {
        return new SentProofs(database, clock);
    }

    @Bean
    Accounts accounts(Database database) {
        return new Accounts(database.sql());
    }

    @Bean
    MediaFiles mediaFiles(Settings settings) {
        return new MediaFiles(settings.data().resolve("media"));
    }

    @Bean
    MediaIntake mediaIntake(MediaFiles files) {
        return new MediaIntake(files);
    }

    @Bean
    JsonMapperBuilderCustomizer json() {
        return mapper -> mapper.changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_NULL))
                .changeDefaultVisibility(v -> v.withFieldVisibility(Visibility.ANY)
                        .withGetterVisibility(Visibility.NONE)
                        .withIsGetterVisibility(Visibility.NONE));
    }
}
