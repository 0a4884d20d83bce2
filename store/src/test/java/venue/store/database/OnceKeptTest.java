package venue.store.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is done once something is kept. */
class OnceKeptTest {

    @TempDir
    Path folder;

    @Test
    void whatFollowsIsDoneWhenItIsKeptAndNotWhereItIsNot() {
        try (Database database = Database.open(folder)) {
            List<String> done = new ArrayList<>();
            database.write(() -> {
                database.onceKept(() -> done.add("kept"));
                assertThat(done).isEmpty();
                return database.set("a", "1");
            });
            assertThatThrownBy(() -> database.write(() -> {
                        database.onceKept(() -> done.add("lost"));
                        throw new IllegalStateException("nothing is kept");
                    }))
                    .hasMessage("nothing is kept");
            database.onceKept(() -> done.add("at once"));
            assertThat(done).containsExactly("kept", "at once");
        }
    }
}
