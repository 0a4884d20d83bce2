package venue.core.show.gathering;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.UsualFields;

/** The pages before and after one: of its kind by their dates where it has one, else beside it in the plan. */
public final class Neighbours {

    private Neighbours() {}

    /** @param step 1 for the one after, -1 for the one before */
    public static Optional<Page> of(Onlooker looks, Page here, int step) {
        Edition edition = looks.edition();
        Predicate<Page> stands = looks.opens().and(PageSettings.Listed.NEIGHBOURS::holds);
        if (edition.page(here.id()).isEmpty()) {
            return Optional.empty();
        }
        if (!edition.words(here, UsualFields.DATE).isEmpty()) {
            return edition.ranks().beside(here, UsualFields.DATE, step, stands);
        }
        List<String> beside = edition.plan().beneath(here.parent());
        for (int i = beside.indexOf(here.id()) + step; i >= 0 && i < beside.size(); i += step) {
            Optional<Page> page = edition.page(beside.get(i)).filter(stands);
            if (page.isPresent()) {
                return page;
            }
        }
        return Optional.empty();
    }
}
