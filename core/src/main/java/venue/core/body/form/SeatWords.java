package venue.core.body.form;

import java.util.function.Function;
import venue.core.basics.text.Phrase;

/** What is left, in words of a page's language: the same wherever it is said. */
public final class SeatWords {

    private SeatWords() {}

    /** “9 places left”, “full”, “full · 3 wait”. */
    public static String of(PlacesLeft seats, Function<Phrase, String> say) {
        if (!seats.isFull()) {
            return seats.left() == 1 ? say.apply(Phrase.PLACE_LEFT) : with(say.apply(Phrase.PLACES_LEFT), seats.left());
        }
        String full = say.apply(Phrase.FULL);
        return seats.waiting() == 0 ? full : full + " · " + with(say.apply(Phrase.SOME_WAIT), seats.waiting());
    }

    private static String with(String words, int number) {
        return words.replace("{0}", String.valueOf(number));
    }
}
