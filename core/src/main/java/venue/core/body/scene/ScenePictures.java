package venue.core.body.scene;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.model.media.Media;

/** The pictures and files that an element can show. */
public interface ScenePictures {

    Optional<Media> media(@Nullable String id);

    /** What a picture shows, in the page's language, for those who don't see it; empty where it only decorates. */
    String alt(Media media);

    /** The files of a folder and of the folders within it. */
    List<Media> folder(String name);

    /**
     * Counts the pictures of the page as they are written, from 1: the first few are among what a visitor sees first.
     *
     * @param room of how many pictures this one takes the room
     */
    int nextPicture(int room);
}
