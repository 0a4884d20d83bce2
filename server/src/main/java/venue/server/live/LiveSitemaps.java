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
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.live.sitemap.SitemapFiles;
import venue.core.live.sitemap.SitemapPath;
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
final class LiveSitemaps {

    static final String XML = "application/xml; charset=utf-8";

    /** Where that of the lots stands that names them all. */
    private static final int INDEX = 0;

    private static final Duration KEPT = Duration.ofMinutes(1);
    private static final long WAIT_S = 10;

    private final Path folder;
    private final Origins origins;
    private final InstantSource clock;
    /** They go when the site is let go. */
    private final Cache<Workspace, Of> bySite = Caffeine.newBuilder().weakKeys().build();

    LiveSitemaps(DataFolder data, Origins origins, InstantSource clock) {
        folder = data.path().resolve("sitemaps");
        this.origins = origins;
        this.clock = clock;
    }

    Reply at(Workspace workspace, SitemapPath path) {
        return bySite.get(workspace, w -> new Of(w, folder.resolve(w.site().toString())))
                .at(path);
    }

    /**
     * What was written last of a lot, or of the index.
     *
     * @param of the release, and the address of the site
     * @param lie where the files lie; none for the index, which is held
     * @param files none where there is nothing
     */
    private record Written(String of, Instant at, List<Reply.Lies> lie, List<Reply> files) {

        static final Written NOTHING = new Written("", Instant.EPOCH, List.of(), List.of());

        boolean isGood(Writing writing) {
            return of.equals(writing.of()) && writing.view().now().isBefore(at.plus(KEPT));
        }
    }

    /** What is written now. */
    private record Writing(String of, View view, Map<String, Instant> changed) {

        private SitemapFiles sitemap() {
            return new SitemapFiles(view, changed);
        }

        int lots() {
            return sitemap().cut().size();
        }

        Written write(int lot, Path folder) throws IOException {
            Files.createDirectories(folder);
            if (lot == INDEX) {
                return new Written(
                        of,
                        view.now(),
                        List.of(),
                        List.of(Reply.text(XML, sitemap().index(), Reply.ASK)));
            }
            List<ZippedFile> files = new ArrayList<>();
            if (sitemap().has(lot)) {
                sitemap().write(lot, n -> {
                    ZippedFile file = new ZippedFile(folder, "xml");
                    files.add(file);
                    return file;
                });
            }
            List<Reply.Lies> lie = files.stream().map(ZippedFile::lies).toList();
            return new Written(
                    of,
                    view.now(),
                    lie,
                    lie.stream().map(l -> Reply.file(XML, l, Reply.ASK)).toList());
        }
    }

    /** That of one site. One writes it; others wait for that, or get the one before. */
    private final class Of {

        private final Workspace workspace;
        private final Path lies;
        private final ReentrantLock turn = new ReentrantLock();
        /** By lot; the index under 0. */
        private final Map<Integer, Written> written = new ConcurrentHashMap<>();

        Of(Workspace workspace, Path lies) {
            this.workspace = workspace;
            this.lies = lies;
        }

        Reply at(SitemapPath path) {
            Standing now = workspace.now();
            if (now.release() == 0) {
                return LiveSite.NOT_RELEASED;
            }
            View view = View.of(
                            now.live(),
                            clock.instant(),
                            origins.of(now.working().site()),
                            View.Mode.VISITOR)
                    .seenBy(Visitor.STRANGER);
            Writing writing = new Writing(now.release() + " " + view.origin(), view, now.changed());
            int lot = path.isFirst() && writing.lots() == 1 ? 1 : path.lot();
            Written good = lot > writing.lots() ? Written.NOTHING : good(lot, writing);
            if (good != null && path.isFirst() && good.files().size() > 1) {
                good = good(INDEX, writing);
            }
            return good == null
                    ? Reply.comeAgain()
                    : path.file() <= good.files().size()
                            ? good.files().get(path.file() - 1)
                            : Reply.page(404, OwnPages.notFound(view));
        }

        private @Nullable Written good(int lot, Writing writing) {
            Written known = written.get(lot);
            if (known != null && known.isGood(writing)) {
                return known;
            }
            boolean mine = false;
            try {
                mine = known == null ? turn.tryLock(WAIT_S, TimeUnit.SECONDS) : turn.tryLock();
                Written meanwhile = written.get(lot);
                if (!mine || meanwhile != known) {
                    return meanwhile;
                }
                Written made = writing.write(lot, lies);
                written.put(lot, made);
                written.keySet().removeIf(l -> l > writing.lots());
                clear();
                return made;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return known;
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } finally {
                if (mine) {
                    turn.unlock();
                }
            }
        }

        private void clear() throws IOException {
            Set<Path> kept = written.values().stream()
                    .flatMap(w -> w.lie().stream())
                    .flatMap(l -> Stream.of(l.file(), l.zipped()))
                    .collect(Collectors.toSet());
            try (Stream<Path> there = Files.list(lies)) {
                for (Path file : there.filter(f -> !kept.contains(f)).toList()) {
                    Files.deleteIfExists(file);
                }
            }
        }
    }
}
