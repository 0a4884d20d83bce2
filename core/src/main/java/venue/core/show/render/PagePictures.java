package venue.core.show.render;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.body.scene.ScenePictures;
import venue.core.model.media.Media;

/** The pictures and files that elements of one page can show. */
final class PagePictures implements ScenePictures {

    private final View view;
    private final String language;
    private int written;

    PagePictures(View view, String language) {
        this.view = view;
        this.language = language;
    }

    @Override
    public Optional<Media> media(@Nullable String id) {
        return view.edition().media(id);
    }

    @Override
    public String alt(Media media) {
        return media.alt(language);
    }

    @Override
    public List<Media> folder(String name) {
        return view.edition().all(Media.class).filter(m -> m.liesIn(name)).toList();
    }

    @Override
    public int nextPicture(int room) {
        int place = written + 1;
        written += room;
        return place;
    }
}
