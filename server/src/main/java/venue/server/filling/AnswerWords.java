package venue.server.filling;

import java.util.List;
import venue.core.basics.text.Phrase;
import venue.core.body.form.Filling;
import venue.core.body.form.Mistake;
import venue.store.answer.Answer;
import venue.store.answer.Answer.Place;

/** What is said of the places that somebody has or waits for, and of how a comment stands: the same in pages and in letters. */
public final class AnswerWords {

    private AnswerWords() {}

    public static List<Mistake> told(Answer answer) {
        Place place = answer.place();
        if (place == null) {
            return answer.onPage() == null ? List.of() : List.of(told(answer.onPage()));
        }
        return List.of(told(place, what(answer, place)));
    }

    private static Mistake told(Answer.OnPage onPage) {
        return new Mistake(onPage.shown() ? Phrase.COMMENT_STANDS : Phrase.COMMENT_WAITS, List.of());
    }

    private static Mistake told(Place place, String what) {
        return switch (place.stands()) {
            case PLACE ->
                place.people() == 1
                        ? new Mistake(Phrase.HAS_PLACE, List.of(what))
                        : new Mistake(Phrase.HAS_PLACES, List.of(what, String.valueOf(place.people())));
            case WAITS -> new Mistake(Phrase.WAITS, List.of(what, String.valueOf(place.line())));
            case BACK -> new Mistake(Phrase.GAVE_BACK, List.of(what));
            case OFF -> new Mistake(Phrase.CALLED_OFF, List.of(what));
        };
    }

    /** That it is tomorrow. */
    public static Mistake tomorrow(Answer answer) {
        Place place = answer.place();
        return new Mistake(Phrase.TOMORROW, List.of(place == null ? "" : what(answer, place)));
    }

    /** What it is of, as it was chosen. */
    private static String what(Answer answer, Place place) {
        return answer.said().stream()
                .filter(s -> s.value().equals(place.item()))
                .map(Filling.Said::words)
                .findFirst()
                .orElse("");
    }
}
