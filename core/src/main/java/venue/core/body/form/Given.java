package venue.core.body.form;

/** How many places are given of what runs out: a fact of visitors, which stands outside every edition. */
@FunctionalInterface
public interface Given {

    /** Nothing is given of anything. */
    Given NOTHING = (form, item) -> Count.NONE;

    /**
     * @param places how many are given
     * @param over how many of these managers gave all the same
     * @param waiting how many answers wait
     */
    record Count(int places, int over, int waiting) {
        public static final Count NONE = new Count(0, 0, 0);
    }

    /**
     * @param form the id of the form by which they are given
     * @param item the id of the page or entry of which they are
     */
    Count of(String form, String item);
}
