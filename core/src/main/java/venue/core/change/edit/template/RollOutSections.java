package venue.core.change.edit.template;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.rollout.Decision;
import venue.core.change.rollout.RollOut;
import venue.core.model.page.Page;
import venue.core.model.section.Sectioned;

/**
 * Carries the sections of a template or pattern to pages that hold copies. Each page is done whole.
 *
 * @param item the template or pattern
 * @param pages for each page, what was chosen for its strands; those not named do as usual
 */
@JsonTypeName("roll-out")
record RollOutSections(String item, Map<String, Map<String, Decision>> pages) implements TemplateCommand {

    private static final int MOST = 500;

    @Override
    public Change on(Desk desk) {
        if (pages.isEmpty() || pages.size() > MOST) {
            throw Refusal.badInput(
                    "too-many-pages",
                    "pages",
                    "A roll-out step takes 1 to " + MOST + " pages; these are " + pages.size() + ".",
                    "Send them in several steps of one group; they are undone together.");
        }
        Sectioned origin = desk.edition().require(Sectioned.class, item);
        RollOut rollOut = new RollOut(
                desk.edition(), origin, desk.archive(), desk.hashOf().apply(item));
        List<Item> put = List.copyOf(pages.keySet()).parallelStream()
                .flatMap(id -> carried(rollOut, desk.edition().require(Page.class, id)).stream())
                .toList();
        return new Change("roll " + origin.name() + " out to " + Words.count(put.size(), "page"), put, List.of());
    }

    private Optional<Item> carried(RollOut rollOut, Page page) {
        Page after = rollOut.applied(page, pages.getOrDefault(page.id(), Map.of()));
        return after.equals(page) ? Optional.empty() : Optional.of(after);
    }
}
