package venue.server.answer;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.AnswerId;
import venue.core.body.form.Filling;
import venue.store.answer.Answer;

/**
 * An answer, as it is worked with.
 *
 * @param came when, as an instant
 * @param until when it is removed by itself
 * @param said what was answered, with the labels of then
 * @param apart why it is taken for spam; absent where it isn't
 * @param works the id of the person who works on it
 * @param place where somebody stands of what runs out; absent where nothing does
 * @param onPage how it stands on its page; absent for what is no comment
 */
record AnswerRow(
        AnswerId id,
        String form,
        int number,
        String came,
        String until,
        String who,
        String email,
        List<Filling.Said> said,
        String state,
        @Nullable String apart,
        @Nullable String works,
        String note,
        @Nullable AnswerPlace place,
        @Nullable AnswerOnPage onPage) {

    /**
     * How a comment stands on its page.
     *
     * @param page the id of the page
     * @param to the id of the comment that it answers; absent for none
     * @param reported how many times somebody said that it should not stand there
     */
    record AnswerOnPage(
            String page, boolean shown, @Nullable AnswerId to, boolean edited, int reported) {}

    /**
     * Where somebody stands of what runs out.
     *
     * @param line the number in line of whoever waits, else 0
     * @param over whether managers gave the places all the same
     */
    record AnswerPlace(String item, int people, Answer.Stands stands, int line, boolean over) {}

    static AnswerRow of(Answer a) {
        Answer.Place place = a.place();
        Answer.OnPage on = a.onPage();
        return new AnswerRow(
                a.id(),
                a.form(),
                a.number(),
                a.came(),
                a.until(),
                a.who(),
                a.email(),
                a.said(),
                a.done().state(),
                a.done().apart(),
                a.done().works(),
                a.done().note(),
                place == null
                        ? null
                        : new AnswerPlace(place.item(), place.people(), place.stands(), place.line(), place.over()),
                on == null ? null : new AnswerOnPage(a.page(), on.shown(), on.to(), on.edited(), on.reported()));
    }
}
