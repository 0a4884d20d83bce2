package venue.core.body.element;

import java.util.stream.Collectors;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.body.form.Offer;
import venue.core.body.form.SeatWords;
import venue.core.body.scene.Scene;
import venue.core.model.form.Form;
import venue.core.model.form.FormSettings;
import venue.core.model.property.UsualFields;

/** Writes one of the pages or entries that a form lets choose: its day, what it is, what is left of it. */
final class OfferWriter {

    private final Scene scene;
    private final Form form;
    private final HtmlWriter out;

    OfferWriter(Scene scene, Form form, HtmlWriter out) {
        this.scene = scene;
        this.form = form;
        this.out = out;
    }

    /** Whether nobody may choose it. */
    boolean isShut(Offer offer) {
        return isFull(offer) && !form.is(FormSettings.WAITING);
    }

    boolean isFull(Offer offer) {
        return offer.seats() != null && offer.seats().isFull();
    }

    void write(Offer offer) {
        String date = scene.words().words(offer.page(), UsualFields.DATE);
        out.start("span", "day")
                .text(date.isEmpty() ? "" : Days.said(date, "number", scene))
                .end();
        out.start("span", "what").element("b", offer.page().title());
        String about = about(offer);
        if (!about.isEmpty()) {
            out.element("small", about);
        }
        out.end();
        out.start("span", "left");
        if (offer.seats() != null) {
            out.text(SeatWords.of(offer.seats(), scene.words()::say));
            if (isFull(offer) && !isShut(offer)) {
                out.text(" · ").element("u", scene.words().say(Phrase.WAIT_TOO));
            }
        }
        out.end();
    }

    /** Its day and time, and what its kind shows of it besides. */
    private String about(Offer offer) {
        String places = form.said(FormSettings.PLACES);
        String facts = scene.words().shownFields(offer.page()).stream()
                .filter(f -> !f.key().equals(places) && !f.key().equals(UsualFields.DATE))
                .map(f -> scene.words().said(offer.page(), f.key()))
                .filter(w -> !w.isEmpty())
                .limit(2)
                .collect(Collectors.joining(" · "));
        return offer.when().isEmpty() || facts.isEmpty() ? offer.when() + facts : offer.when() + " · " + facts;
    }
}
