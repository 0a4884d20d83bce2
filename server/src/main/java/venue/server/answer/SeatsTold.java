package venue.server.answer;

import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.value.Window;
import venue.core.body.form.Given;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.page.Page;
import venue.core.model.property.UsualFields;
import venue.core.model.property.ValueWords;
import venue.core.show.filling.Offering;
import venue.store.answer.Answers;
import venue.store.workspace.Standing;

/** What a form gives places of, as those see it who work with its answers. */
final class SeatsTold {

    private SeatsTold() {}

    /**
     * Something that runs out.
     *
     * @param when its day and time in words, or empty
     * @param given how many places are given; more than there are, where managers gave some all the same or the number was lowered
     * @param waiting how many answers wait
     */
    record SeatRow(String item, String title, String when, int places, int given, int waiting) {}

    /** Those that are to come, and that were over a day ago at most; by their dates. */
    static List<SeatRow> of(Standing standing, Form form, Answers answers, LocalDateTime now) {
        Edition live = standing.live();
        Map<String, Given.Count> given = answers.places().given(standing.site(), form.id());
        return Offering.counted(live, form)
                .filter(p -> !isPast(live, p, now))
                .flatMap(p -> row(live, form, p, given.getOrDefault(p.id(), Given.Count.NONE)))
                .sorted(Comparator.comparing(Dated::date))
                .map(Dated::row)
                .toList();
    }

    /** What was over yesterday is not worked with any more. */
    private static boolean isPast(Edition live, Page page, LocalDateTime now) {
        String date = live.words(page, UsualFields.DATE);
        return !date.isEmpty() && Window.until(date).isOver(now.minusDays(1).toString());
    }

    private record Dated(String date, SeatRow row) {}

    private static Stream<Dated> row(Edition live, Form form, Page page, Given.Count given) {
        String date = live.words(page, UsualFields.DATE);
        Locale locale = Locale.forLanguageTag(live.site().language());
        return Offering.places(live, form, page)
                .map(places -> new Dated(
                        date,
                        new SeatRow(
                                page.id(),
                                page.title(),
                                date.isEmpty() ? "" : ValueWords.date(date, locale),
                                places,
                                given.places(),
                                given.waiting())))
                .stream();
    }
}
