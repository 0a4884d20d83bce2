package venue.store.answer;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Given;
import venue.store.answer.Answer.Stands;

/** The places that run out: who has them, who waits, and what is done with both. */
public final class Places {

    private final Answers answers;
    private final AnswerRows rows;
    private final PlaceRows places;

    Places(Answers answers, AnswerRows rows, PlaceRows places) {
        this.answers = answers;
        this.rows = rows;
        this.places = places;
    }

    /** How many places are given of each thing that a form gives places of, by its id. */
    public Map<String, Given.Count> given(SiteId site, String form) {
        return places.given(site, form);
    }

    /** Gives places back; gives those who have moved up by that. Nothing comes of it where they are given back already. */
    public List<Answer> giveBack(SiteId site, AnswerId id, int left) {
        return answers.kept(() -> backed(site, id, Stands.BACK, left));
    }

    private List<Answer> backed(SiteId site, AnswerId id, Stands stands, int left) {
        Answer answer = answers.require(site, id);
        Answer.Place place = answer.place();
        if (place == null || place.stands() == Stands.BACK || place.stands() == Stands.OFF) {
            return List.of();
        }
        places.stand(id, stands, false);
        return moved(site, answer.form(), place.item(), left);
    }

    /** Those in line who can have their places now have them: as places came free, or the number of them was raised. */
    public List<Answer> moveUp(SiteId site, String form, String item, int left) {
        return answers.kept(() -> moved(site, form, item, left));
    }

    private List<Answer> moved(SiteId site, String form, String item, int left) {
        return places.moveUp(site, form, item, left).stream()
                .map(id -> answers.require(site, id))
                .toList();
    }

    /** Something that a form gives places of. */
    public record WaitedFor(String form, String item) {}

    /** The sites in which somebody waits for a place, or is to be reminded of one. */
    public List<SiteId> sites() {
        return places.sites();
    }

    /** What somebody waits for. */
    public List<WaitedFor> waitedFor(SiteId site) {
        return places.waitedFor(site);
    }

    /** Those who are to be reminded of what they have a place of, and came before a time: each is given once. */
    public List<Answer> remind(SiteId site, WaitedFor what, Instant before) {
        return answers.kept(() -> places.reminded(site, what, before.toString()).stream()
                .map(id -> answers.require(site, id))
                .toList());
    }

    /** Managers give places all the same: counted apart, outside the law. */
    public Answer giveAllTheSame(SiteId site, AnswerId id) {
        return answers.kept(() -> {
            Answer answer = answers.require(site, id);
            if (answer.place() == null || answer.place().stands() != Stands.WAITS) {
                throw Refusal.conflict(
                        "not-waiting", "answer", "Whoever sent this doesn't wait for a place.", "Reload to see it.");
            }
            places.stand(id, Stands.PLACE, true);
            return answers.require(site, id);
        });
    }

    /** What was set apart, and is no spam, stands in line as what comes now. */
    public Answer enter(SiteId site, AnswerId id, Taking.Wanted wanted) {
        return answers.kept(() -> {
            places.enter(id, wanted, places.asks(site, answers.require(site, id).form(), wanted));
            return answers.require(site, id);
        });
    }

    /** Moves somebody to something else that runs out; they stand there as whoever comes now. Gives those who moved up where they were. */
    public List<Answer> moveTo(SiteId site, AnswerId id, Taking.Wanted wanted, int left) {
        return answers.kept(() -> {
            Answer answer = answers.require(site, id);
            Answer.Place place = answer.place();
            if (place == null || place.item().equals(wanted.item())) {
                return List.<Answer>of();
            }
            places.move(id, wanted.item(), places.asks(site, answer.form(), wanted));
            return moved(site, answer.form(), place.item(), left);
        });
    }

    /** Tells those who have a place of something, or wait, that it doesn't take place; gives them. */
    public List<Answer> callOff(SiteId site, String form, String item) {
        AnswerFilter all =
                new AnswerFilter(form, AnswerFilter.Which.ALL, null, item, "", null, AnswerFilter.Order.NEWEST);
        return answers.kept(() -> rows.list(site, all, 0, Answers.MOST).stream()
                .filter(a -> a.place() != null
                        && (a.place().stands() == Stands.PLACE || a.place().stands() == Stands.WAITS))
                .map(a -> {
                    places.stand(a.id(), Stands.OFF, false);
                    return answers.require(site, a.id());
                })
                .toList());
    }
}
