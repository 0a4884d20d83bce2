package venue.core.body.form;

/**
 * How many may come to something, and how many will.
 *
 * @param places how many there are
 * @param given how many are given; more than there are, where the number was lowered or managers gave some all the same
 * @param waiting how many answers wait
 */
public record PlacesLeft(int places, int given, int waiting) {

    /** How many can still be had by whoever comes now: none while somebody waits, because nobody passes the first. */
    public int left() {
        return waiting > 0 ? 0 : Math.max(0, places - given);
    }

    public boolean isFull() {
        return left() == 0;
    }

    /** Whether so many can be had at once. */
    public boolean takes(int people) {
        return people <= left();
    }

    /** How many are given beyond what there is. */
    public int over() {
        return Math.max(0, given - places);
    }
}
