package venue.core.body.scene;

import java.util.Optional;
import venue.core.body.basket.Ware;
import venue.core.body.form.AtHand;
import venue.core.body.form.PlacesLeft;
import venue.core.body.form.Sending;
import venue.core.model.form.Form;
import venue.core.model.page.Page;

/** What visitors fill in on a page, and what they did with it. */
public interface SceneForms {

    /** A form that takes answers; empty where there is none of that id, or it is retired. */
    Optional<Form> form(String id);

    /** What there is to choose from. */
    AtHand around();

    /** Where a form has come to on this page. */
    Sending sending(String form);

    /** How many may come to a page or entry, and how many are left; empty where nothing runs out. */
    Optional<PlacesLeft> seats(Page page);

    /** A page or entry as it can be taken along; empty where it can't be, or nothing can be ordered. */
    Optional<Ware> ware(Page page);

    /** Something can be taken along here: the page loads what makes that quicker. */
    void takes();

    /** Whether what is filled in comes here: not from pages that are served elsewhere. */
    boolean isHere();

    /** Whether long forms are shown as a whole, as to those who make them. */
    boolean isWhole();

    /** The address to which what is filled in is sent. */
    String action();

    /** What says when the page was written. */
    String stamp();

    /** A form is here: the page loads what sets it, and what makes it quicker. */
    void written();
}
