package venue.store.database;

/** A data folder that Venue can't be started on; the message is one line that says why and what to do. */
public class Unfit extends RuntimeException {

    public Unfit(String message) {
        super(message);
    }
}
