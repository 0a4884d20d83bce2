package venue.core.body.search;

/** So many look for something at this moment that one more has to come again, a second later. */
public final class Busy extends RuntimeException {

    public Busy(String why) {
        super(why);
    }
}
