package venue.core.show.letter;

import java.util.List;

/** What a letter is made of, as words and pictures: mail readers know no more than that. */
sealed interface Block {

    /** @param level from 1 */
    record Heading(int level, List<Run> words) implements Block {}

    record Words(Voice voice, List<Run> words) implements Block {}

    /** How words are said. */
    enum Voice {
        PLAIN,
        LEAD,
        QUIET,
        QUOTED
    }

    /**
     * @param src with scheme and host
     * @param width as it is made for, in pixels
     * @param href where it leads; empty for nowhere
     */
    record Picture(String src, String alt, int width, int height, String href) implements Block {}

    record Button(String label, String href) implements Block {}

    record Items(boolean numbered, List<List<Run>> lines) implements Block {}

    record Table(List<List<Cell>> rows) implements Block {}

    record Cell(boolean head, List<Run> words) {}

    /** A line across. */
    record Rule() implements Block {}

    /** A section: what stands on one ground. */
    record Band(String tone, boolean centred, List<Block> blocks) {}
}
