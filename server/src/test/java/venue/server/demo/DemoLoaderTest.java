package venue.server.demo;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.time.InstantSource;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.util.unit.DataSize;
import venue.demo.KestrelMoor;
import venue.server.app.Origins;
import venue.server.app.Settings;
import venue.store.database.Unfit;
import venue.store.media.MediaIntake;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

class DemoLoaderTest {

    private final Workspaces workspaces = mock(Workspaces.class);
    private final DemoPeople people = mock(DemoPeople.class);

    @BeforeEach
    void loadedAlready() {
        when(workspaces.find(KestrelMoor.ID)).thenReturn(Optional.of(mock(Workspace.class)));
    }

    private DemoLoader loader(boolean passwordChosen) {
        Settings settings = new Settings(
                Path.of("data"), "localhost", "http", 0, DataSize.ofGigabytes(5), "some-password", passwordChosen);
        return new DemoLoader(
                settings,
                workspaces,
                people,
                mock(DemoAnswers.class),
                mock(DemoLetters.class),
                mock(DemoTraces.class),
                mock(MediaIntake.class),
                mock(Origins.class),
                InstantSource.system());
    }

    @Test
    void aDemoThatIsLoadedKeepsItsPeopleAndTheirPasswords() {
        loader(false).load();
        verify(people, never()).come(any());
    }

    @Test
    void aPasswordChosenForADemoThatIsLoadedIsRefusedAndTheWayOutNamed() {
        assertThatThrownBy(() -> loader(true)).isInstanceOf(Unfit.class).hasMessageContaining("--fresh");
    }
}
