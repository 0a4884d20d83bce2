package venue.server.letter;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.body.form.VisitorFacts;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.show.letter.Letter;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.server.proof.WorkingView;
import venue.store.letter.Letter.Wording;
import venue.store.workspace.Standing;

/** Makes letters of what strangers get of a live site. */
@Component
public class LetterMaker {

    private final WorkingView looks;

    LetterMaker(WorkingView looks) {
        this.looks = looks;
    }

    View view(Standing now) {
        return looks.of(now, now.live(), View.Mode.VISITOR)
                .seenBy(Visitor.STRANGER)
                .telling(VisitorFacts.AWAY);
    }

    /** Refused where what it is made of is not there for everybody. */
    public Letter made(Standing now, Wording wording) {
        View view = view(now);
        Page page = page(now, wording.page()).orElseThrow(() -> gone(now, wording.page()));
        Letter.Around around = new Letter.Around(wording.subject(), wording.lead());
        return wording.listing() == null
                ? Letter.ofPage(view, page, around)
                : Letter.ofNewest(view, page, wording.listing(), day(String.valueOf(wording.since())), around);
    }

    private static Optional<Page> page(Standing now, String id) {
        Edition live = Gates.of(now.live()).seenBy(Visitor.STRANGER);
        return live.page(id)
                .filter(p -> live.plan().isShown(p.id()) && Gates.of(live).opens(p, Visitor.STRANGER));
    }

    private static Refusal gone(Standing now, String id) {
        String title = now.working().page(id).map(Page::title).orElse("");
        return title.isEmpty()
                ? Refusal.conflict(
                        "no-page-chosen", "page", "This letter is made of nothing yet.", "Choose a page that is live.")
                : Refusal.conflict(
                        "letter-of-hidden-page",
                        "page",
                        "“" + title + "” is not live, or not open to everybody.",
                        "Release it, or choose another page.");
    }

    static LocalDate day(String iso) {
        try {
            return LocalDate.parse(iso);
        } catch (DateTimeParseException e) {
            throw Refusal.badInput("bad-day", "since", "“" + iso + "” is no day.", "Write it as 2026-11-02.");
        }
    }

    /** By which it is known whether a letter is still as it was when a test was sent. */
    static String print(Letter letter) {
        return Hash.shortOf(letter.html());
    }

    /** The listings of a page whose newest a letter can tell, by name. */
    List<String> listings(Standing now, String page) {
        return page(now, page)
                .map(p -> PageRenderer.render(view(now), p).fed().keySet().stream()
                        .sorted(Comparator.naturalOrder())
                        .toList())
                .orElse(List.of());
    }
}
