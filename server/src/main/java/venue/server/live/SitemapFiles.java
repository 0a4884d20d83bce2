package venue.server.live;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.live.sitemap.Sitemap;
import venue.core.live.sitemap.SitemapWriter;
import venue.core.model.gate.Visitor;
import venue.core.show.render.OwnPages;
import venue.core.show.render.View;
import venue.server.app.Origins;
import venue.store.database.DataFolder;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/**
 * The sitemaps of the live sites, as files on the disk: one is written when it is asked for and is good for a minute, as pages are. A
 * file whose bytes are what they were stays as it is, and so does the moment from which it is.
 */
@Component
final class SitemapFiles {

    static final String XML = "application/xml; charset=utf-8";

    private static final Pattern ADDRESS = Pattern.compile("/sitemap(?:-([1-9][0-9]{0,5}))?\\.xml");
    private static final Duration KEPT = Duration.ofMinutes(1);
    private static final long WAIT_S = 10;

    private final Path folder;
    private final Origins origins;
    private final InstantSource clock;
    /** They go when the site is let go. */
    private final Cache<Workspace, Of> bySite = Caffeine.newBuilder().weakKeys().build();

    SitemapFiles(DataFolder data, Origins origins, InstantSource clock) {
        folder = data.path().resolve("sitemaps");
        this.origins = origins;
        this.clock = clock;
    }

    /** Whether a sitemap, or a file of one, is at an address. */
    static boolean isOne(String path) {
        return ADDRESS.matcher(path).matches();
    }

    /** The number of the file at an address; 0 for the sitemap itself. */
    static int number(String path) {
        Matcher address = ADDRESS.matcher(path);
        return address.matches() && address.group(1) != null ? Integer.parseInt(address.group(1)) : 0;
    }

    static int write(View view, Map<String, Instant> changed, SitemapWriter.Files files) {
        try {
            return SitemapWriter.write(Sitemap.addresses(view.seenBy(Visitor.STRANGER), changed), files);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    Reply at(Workspace workspace, String path) {
        return bySite.get(workspace, w -> new Of(w, folder.resolve(w.site().toString())))
                .at(number(path));
    }

    /**
     * What was written last.
     *
     * @param of the release, and the address of the site
     */
    private record Written(String of, Instant at, List<Reply> files, Reply first) {}

    /** That of one site. One writes it; others wait for that, or get the one before. */
    private final class Of {

        private final Workspace workspace;
        private final Path lies;
        private final ReentrantLock turn = new ReentrantLock();
        private volatile @Nullable Written written;

        Of(Workspace workspace, Path lies) {
            this.workspace = workspace;
            this.lies = lies;
        }

        Reply at(int number) {
            Standing now = workspace.now();
            if (now.release() == 0) {
                return LiveSite.NOT_RELEASED;
            }
            View view = View.of(
                    now.live(), clock.instant(), origins.of(now.working().site()), View.Mode.VISITOR);
            Written good = good(now, view);
            if (good == null) {
                return Reply.comeAgain();
            }
            return number == 0
                    ? good.first()
                    : number <= good.files().size()
                            ? good.files().get(number - 1)
                            : Reply.page(404, OwnPages.notFound(view.seenBy(Visitor.STRANGER)));
        }

        private @Nullable Written good(Standing now, View view) {
            String of = now.release() + " " + view.origin();
            Written known = written;
            if (known != null
                    && known.of().equals(of)
                    && view.now().isBefore(known.at().plus(KEPT))) {
                return known;
            }
            boolean mine = false;
            try {
                mine = known == null ? turn.tryLock(WAIT_S, TimeUnit.SECONDS) : turn.tryLock();
                Written meanwhile = written;
                if (!mine || meanwhile != known) {
                    return meanwhile;
                }
                Written made = write(of, now, view);
                written = made;
                return made;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return known;
            } finally {
                if (mine) {
                    turn.unlock();
                }
            }
        }

        private Written write(String of, Standing now, View view) {
            try {
                Files.createDirectories(lies);
                List<ZippedFile> files = new ArrayList<>();
                int count = SitemapFiles.write(view, now.changed(), n -> {
                    ZippedFile file = new ZippedFile(lies, "xml");
                    files.add(file);
                    return file;
                });
                clear(files.stream()
                        .flatMap(f -> Stream.of(f.lies().file(), f.lies().zipped()))
                        .collect(Collectors.toSet()));
                List<Reply> replies = files.stream()
                        .map(f -> Reply.file(XML, f.lies(), Reply.ASK))
                        .toList();
                Reply first = count == 1
                        ? replies.get(0)
                        : Reply.text(XML, SitemapWriter.index(view.origin(), count), Reply.ASK);
                return new Written(of, view.now(), replies, first);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        private void clear(Set<@Nullable Path> kept) throws IOException {
            try (Stream<Path> there = Files.list(lies)) {
                for (Path file : there.filter(f -> !kept.contains(f)).toList()) {
                    Files.deleteIfExists(file);
                }
            }
        }
    }
}
