package venue.server.pack;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.model.media.Media;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.server.here.Here;
import venue.server.proof.DrawnElsewhere;
import venue.server.proof.WorkingView;
import venue.store.media.MediaFiles;
import venue.store.pack.PackFile;
import venue.store.workspace.Packs;

/**
 * Pages of a pack that waits, as they would stand here: {@code pack/PACK/PAGE}. Pictures that are not here yet are taken
 * out of the pack.
 */
@Component
class PackDrawings implements DrawnElsewhere {

    private final WaitingPacks waiting;
    private final WorkingView looks;
    private final MediaFiles files;

    PackDrawings(WaitingPacks waiting, WorkingView looks, MediaFiles files) {
        this.waiting = waiting;
        this.looks = looks;
        this.files = files;
    }

    @Override
    public String sort() {
        return "pack";
    }

    @Override
    public Optional<String> html(Here here, String name) {
        here.requireManager("read packs");
        String[] parts = name.split("/", 2);
        return waiting.find(here.person().id(), parts[0])
                .flatMap(pack -> html(here, pack, parts.length > 1 ? parts[1] : ""));
    }

    private Optional<String> html(Here here, WaitingPacks.Waiting pack, String page) {
        Packs.Drawn drawn = pack.drawn(here.workspace());
        return drawn.edition()
                .page(drawn.ids().apply(page))
                .map(p -> PageRenderer.render(looks.of(drawn.on(), drawn.edition(), View.Mode.VISITOR), p)
                        .html())
                .map(html -> withPictures(html, pack));
    }

    private String withPictures(String html, WaitingPacks.Waiting pack) {
        List<Media> missing = pack.said().pack().media().stream()
                .filter(Media::isPicture)
                .filter(m -> files.locate(PackFile.nameOf(m.path())).isEmpty())
                .filter(m -> PackedPictures.shows(html, m))
                .toList();
        if (missing.isEmpty()) {
            return html;
        }
        try (PackFile file = pack.open()) {
            return new PackedPictures(file).in(html, missing);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
