package venue.core.body.form;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import venue.core.body.basket.Ware;
import venue.core.model.form.FormField;

/** What there is around a form at the moment in which it is filled in. */
public interface AtHand {

    /** The day in the site's zone. */
    LocalDate today();

    /** What can be chosen in a field that offers pages or entries. */
    List<Offer> offers(FormField field);

    /** What can be taken along, by its id; empty where it can't be had. */
    Optional<Ware> ware(String id);

    /** Some that can be taken along: of a kind, or of any where none is named. */
    List<Ware> wares(String kind, int most);

    /** The language of the page. */
    Locale locale();
}
