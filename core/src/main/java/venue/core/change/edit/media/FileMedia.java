package venue.core.change.edit.media;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.edit.Names;
import venue.core.model.media.Media;

/** Names a file and puts it into a folder; an empty folder is the top. */
@JsonTypeName("file-media")
record FileMedia(String media, String name, String folder) implements MediaCommand, ForEditors {

    private static final int LONGEST = 120;

    @Override
    public Change on(Desk desk) {
        Media target = desk.edition().require(Media.class, media);
        String words = Names.line("file", name, LONGEST, "Give one that says what it shows.");
        String where = folder.isBlank() ? "" : Names.line("folder", folder, LONGEST, "Give a shorter one.");
        return Change.of("file " + words, target.withPlace(words, where));
    }
}
