package venue.server.app;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.InstantSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.ProblemDetail;
import venue.core.change.command.Commands;
import venue.store.aside.SetAside;
import venue.store.database.DataFolder;
import venue.store.database.Database;
import venue.store.delivery.Deliveries;
import venue.store.filter.KeptFilters;
import venue.store.live.AskedReleases;
import venue.store.media.FirstPages;
import venue.store.media.MediaFiles;
import venue.store.media.MediaIntake;
import venue.store.media.SiteBytes;
import venue.store.outside.CheckedLinks;
import venue.store.proof.SentProofs;
import venue.store.rating.PageRatings;
import venue.store.record.Records;
import venue.store.search.InVain;
import venue.store.search.LastAsked;
import venue.store.telling.Told;
import venue.store.upkeep.Tasks;
import venue.store.visit.Visits;
import venue.store.workspace.Workspaces;

/** The parts below the server, put together. */
@Configuration(proxyBeanMethods = false)
class Parts {

    /** The launcher brings the clock; where there was none, it is that of the system. */
    @Bean
    @ConditionalOnMissingBean
    InstantSource clock() {
        return InstantSource.system();
    }

    /** The launcher takes the folder before anything else is begun; where there was none, it is taken here. */
    @Bean(destroyMethod = "close")
    @ConditionalOnMissingBean
    DataFolder dataFolder(Settings settings) {
        return DataFolder.open(settings.data());
    }

    @Bean(destroyMethod = "close")
    FolderParts folderParts(DataFolder folder, InstantSource clock) {
        return FolderParts.of(folder.path(), Database.open(folder.path()), clock);
    }

    @Bean(destroyMethod = "")
    Database database(FolderParts parts) {
        return parts.database();
    }

    @Bean
    Workspaces workspaces(FolderParts parts) {
        return parts.workspaces();
    }

    @Bean
    Tasks tasks(Database database, InstantSource clock) {
        return new Tasks(database, clock);
    }

    @Bean(destroyMethod = "write")
    InVain inVain(Database database, InstantSource clock) {
        return new InVain(database, clock);
    }

    @Bean(destroyMethod = "write")
    Visits visits(Database database) {
        return new Visits(database);
    }

    @Bean
    SetAside setAside(Database database, InstantSource clock) {
        return new SetAside(database, clock);
    }

    @Bean
    AskedReleases askedReleases(Database database, InstantSource clock) {
        return new AskedReleases(database, clock);
    }

    @Bean
    CheckedLinks checkedLinks(Database database) {
        return new CheckedLinks(database);
    }

    @Bean
    Told told(Database database) {
        return new Told(database);
    }

    @Bean
    Deliveries deliveries(Database database) {
        return new Deliveries(database);
    }

    @Bean
    PageRatings pageRatings(Database database, Records records) {
        return new PageRatings(database, records);
    }

    @Bean
    KeptFilters keptFilters(Database database) {
        return new KeptFilters(database);
    }

    @Bean(destroyMethod = "write")
    LastAsked lastAsked(Database database, InstantSource clock) {
        return new LastAsked(database, clock);
    }

    @Bean
    SentProofs sentProofs(Database database, InstantSource clock) {
        return new SentProofs(database, clock);
    }

    @Bean
    MediaFiles mediaFiles(FolderParts parts) {
        return parts.media();
    }

    @Bean
    FirstPages firstPages(MediaFiles files, DataFolder folder) {
        return new FirstPages(files, folder.within(DataFolder.FIRST_PAGES), "first-page", FirstPages.MOST);
    }

    @Bean
    SiteBytes siteBytes(Database database) {
        return new SiteBytes(database.sql());
    }

    @Bean
    MediaIntake mediaIntake(MediaFiles files) {
        return new MediaIntake(files);
    }

    /** Records are written by their components; problems by their getters, with code and fix beside the rest (RFC 9457). */
    @Bean
    JsonMapperBuilderCustomizer json() {
        return mapper -> mapper.registerSubtypes(Commands.onTheWire().toArray(Class<?>[]::new))
                .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_NULL))
                .changeDefaultVisibility(v -> v.withFieldVisibility(Visibility.ANY)
                        .withGetterVisibility(Visibility.NONE)
                        .withIsGetterVisibility(Visibility.NONE))
                .withConfigOverride(
                        ProblemDetail.class,
                        o -> o.setVisibility(JsonAutoDetect.Value.noOverrides()
                                .withFieldVisibility(Visibility.NONE)
                                .withGetterVisibility(Visibility.PUBLIC_ONLY)));
    }
}
