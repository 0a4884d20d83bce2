package venue.core.edit;

import venue.core.fault.Refusal;
import venue.core.media.Media;

/** Names a file and puts it into a folder; an empty folder is the top. */
public record FileMedia(String media, String name, String folder) implements Command {

    private static final int LONGEST = 120;

    @Override
    public Change on(Desk desk) {
        Media target = desk.edition().require(Media.class, media);
        String words = name.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
        String where = folder.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
        if (words.isEmpty() || words.length() > LONGEST || where.length() > LONGEST) {
            throw Refusal.badInput(
                    "bad-name",
                    "name",
                    "Names of files and folders have 1 to " + LONGEST + " characters.",
                    "Give a shorter one.");
        }
        return Change.of("file " + words, target.withPlace(words, where));
    }
}
