package venue.core.show.letter;

/**
 * Some words of a line that look alike. A line break is a run of its own.
 *
 * @param href where they lead, with scheme and host; empty for nowhere
 */
record Run(String words, boolean strong, boolean leaning, String href) {

    static final Run BREAK = new Run("\n", false, false, "");

    static Run of(String words) {
        return new Run(words, false, false, "");
    }

    boolean isBreak() {
        return words.equals("\n");
    }
}
