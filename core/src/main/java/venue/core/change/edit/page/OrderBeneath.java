package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.edit.Positions;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Ordered;
import venue.core.model.page.BeneathOrder;
import venue.core.model.page.Page;

/**
 * Puts the pages beneath a page in order, once or from now on.
 *
 * @param page absent for the top of the plan, which is put in order once
 * @param by {@code title}, or the key of a date or number among their fields; absent to order them by hand from now on
 * @param down whether the last comes first
 * @param always whether the branch keeps itself in this order
 */
@JsonTypeName("order-beneath")
record OrderBeneath(@Nullable String page, @Nullable String by, boolean down, boolean always)
        implements PageCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Optional<Page> above = page == null ? Optional.empty() : Optional.of(edition.require(Page.class, page));
        String name = above.map(Page::title).orElse("the top of the plan");
        if (by == null) {
            return above.map(a -> Change.of("order " + name + " by hand", BeneathOrder.on(a, Optional.empty())))
                    .orElseThrow(() -> Refusal.badInput(
                            "no-order", "by", "The top is ordered by hand.", "Say by what it is to be ordered."));
        }
        BeneathOrder order = new BeneathOrder(required(edition), down);
        List<Item> put = new ArrayList<>(Positions.inOrder(edition, page, Ordered.of(edition, page, order)));
        above.map(a -> BeneathOrder.on(a, always ? Optional.of(order) : Optional.empty()))
                .filter(a -> !a.equals(above.get()))
                .ifPresent(put::add);
        return new Change("put what is beneath " + name + " in order", put, List.of());
    }

    private String required(Edition edition) {
        if (BeneathOrder.TITLE.equals(by)
                || Ordered.fields(edition, page).stream().anyMatch(f -> f.key().equals(by))) {
            return String.valueOf(by);
        }
        throw Refusal.badInput(
                "no-order",
                "by",
                "The pages beneath have no date or number called “" + by + "”.",
                "Order them by title, or by a date or number among their fields.");
    }
}
