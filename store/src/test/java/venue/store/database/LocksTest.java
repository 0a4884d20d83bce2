package venue.store.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The one order of locks, and what is done once something is kept. */
class LocksTest {

    @TempDir
    Path folder;

    @Test
    void nobodyWritesWhileAMapOrACacheWorksSomethingOut() {
        try (Database database = Database.open(folder)) {
            Map<String, String> map = new ConcurrentHashMap<>();
            assertThatThrownBy(() -> map.computeIfAbsent("a", k -> database.write(() -> database.set(k, "1"))))
                    .isInstanceOf(AssertionError.class)
                    .hasMessageContaining("while the writer is waited for");
            Cache<String, String> cache = Caffeine.newBuilder().maximumSize(2).build();
            assertThatThrownBy(() -> cache.get("a", k -> database.write(() -> database.set(k, "1"))))
                    .isInstanceOf(AssertionError.class);
            assertThat(database.setting("a")).isEmpty();
        }
    }

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
