package venue.core.body.form;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import venue.core.model.form.FormField;

/** What there is around a form at the moment in which it is filled in. */
public interface AtHand {

    /** The day in the site's zone. */
    LocalDate today();

    /** What can be chosen in a field that offers pages or entries. */
    List<Offer> offers(FormField field);

    /** The language of the page. */
    Locale locale();
}
