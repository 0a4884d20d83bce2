package venue.server.pack;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Scheduler;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;
import venue.core.fault.Refusal;
import venue.store.database.DataFolder;
import venue.store.pack.PackFile;

/** Packs that have been received and are being looked at; each waits an hour for whoever sent it. */
@Component
public class WaitingPacks {

    private static final Duration WAITS = Duration.ofHours(1);

    /**
     * One of them.
     *
     * @param who whoever sent it; nobody else is told of it
     * @param files how many files it has
     * @param done how many of them have been kept
     */
    public record Waiting(String id, String who, Path file, int files, AtomicInteger done) {

        /** What is in it; to be closed. */
        public PackFile open() {
            return PackFile.open(file);
        }
    }

    private final DataFolder folder;
    private final Cache<String, Waiting> waiting = Caffeine.newBuilder()
            .expireAfterAccess(WAITS)
            .scheduler(Scheduler.systemScheduler())
            .<String, Waiting>removalListener((id, pack, why) -> letGo(pack))
            .build();

    WaitingPacks(DataFolder folder) {
        this.folder = folder;
    }

    private static void letGo(@Nullable Waiting pack) {
        try {
            if (pack != null) {
                Files.deleteIfExists(pack.file());
            }
        } catch (IOException e) {
            // What lies in the folder for what is received goes at the next start.
        }
    }

    /** Receives a pack; refused where it is none, or is not sound. */
    public Waiting receive(String who, MultipartFile file) throws IOException {
        Path lies = Files.createTempFile(folder.incoming(), "pack", ".venuepack");
        try {
            file.transferTo(lies);
            Waiting pack = new Waiting(UUID.randomUUID().toString(), who, lies, checked(lies), new AtomicInteger());
            waiting.put(pack.id(), pack);
            return pack;
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(lies);
            throw e;
        }
    }

    /** Looks at all that is in it, and gives how many files it has. */
    private static int checked(Path lies) {
        try (PackFile packed = PackFile.open(lies)) {
            packed.check(done -> {});
            return packed.files();
        }
    }

    public Waiting require(String who, String id) {
        return Optional.ofNullable(waiting.getIfPresent(id))
                .filter(p -> p.who().equals(who))
                .orElseThrow(() -> Refusal.unknown("pack", id));
    }

    public void letGo(String who, String id) {
        waiting.invalidate(require(who, id).id());
    }
}
