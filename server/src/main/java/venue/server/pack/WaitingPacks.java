package venue.server.pack;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Scheduler;
import java.io.IOException;
import java.lang.ref.SoftReference;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.store.database.DataFolder;
import venue.store.pack.PackFile;
import venue.store.workspace.Packs;
import venue.store.workspace.Workspace;

/** Packs that have been received and are being looked at; each waits an hour for whoever sent it. */
@Component
public class WaitingPacks {

    private static final Duration WAITS = Duration.ofHours(1);

    /** One of them. What has been read of it is kept as long as there is memory for it: choosing asks for it again and again. */
    public static final class Waiting {

        private final String id = UUID.randomUUID().toString();
        private final PersonId who;
        private final Path file;
        private volatile int files;
        private final AtomicInteger done = new AtomicInteger();
        private SoftReference<PackFile> read;
        private SoftReference<Packs.Drawn> drawn = new SoftReference<>(null);

        private Waiting(PersonId who, Path file, PackFile read) {
            this.who = who;
            this.file = file;
            files = read.files();
            this.read = new SoftReference<>(read);
        }

        public String id() {
            return id;
        }

        /** Whoever sent it; nobody else is told of it. */
        public PersonId who() {
            return who;
        }

        /** All its pages as they would stand in a site; worked out once while that stays as it is. */
        synchronized Packs.Drawn drawn(Workspace site) {
            Packs.Drawn known = drawn.get();
            if (known == null || !known.isOf(site)) {
                known = site.packs().drawn(said().pack());
                drawn = new SoftReference<>(known);
            }
            return known;
        }

        /** How many files are kept of it. */
        public int files() {
            return files;
        }

        /** It is read, and so many of its files are needed. */
        void begins(int needed) {
            files = needed;
            done.set(0);
        }

        /** How many of them have been kept. */
        public AtomicInteger done() {
            return done;
        }

        /** All of it, files too; to be closed. */
        public PackFile open() {
            return PackFile.open(file);
        }

        /** What it says, without the bytes of its files. */
        synchronized PackFile said() {
            PackFile known = read.get();
            if (known == null) {
                try (PackFile again = open()) {
                    known = again;
                }
                read = new SoftReference<>(known);
            }
            return known;
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
                Files.deleteIfExists(pack.file);
            }
        } catch (IOException e) {
            // What lies in the folder for what is received goes at the next start.
        }
    }

    /** Receives a pack; refused where it is none, or is not sound. */
    public Waiting receive(PersonId who, MultipartFile file) throws IOException {
        Path lies = Files.createTempFile(folder.incoming(), "pack", ".venuepack");
        try {
            file.transferTo(lies);
            Waiting pack = new Waiting(who, lies, checked(lies));
            waiting.put(pack.id(), pack);
            return pack;
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(lies);
            throw e;
        }
    }

    /** Looks at all that is in it. */
    private static PackFile checked(Path lies) {
        try (PackFile packed = PackFile.open(lies)) {
            packed.check(done -> {});
            return packed;
        }
    }

    public Waiting require(PersonId who, String id) {
        return find(who, id).orElseThrow(() -> Refusal.unknown("pack", id));
    }

    Optional<Waiting> find(PersonId who, String id) {
        return Optional.ofNullable(waiting.getIfPresent(id)).filter(p -> p.who().equals(who));
    }

    public void letGo(PersonId who, String id) {
        waiting.invalidate(require(who, id).id());
    }
}
