package venue.core.body.element;

import venue.core.body.drawn.Sketch;

/** The first one large, the others small. */
final class LeadLayout extends ListingLayout {

    LeadLayout() {
        super("lead", "First one large", Sketch.large(false, 2), OF_CARDS);
    }

    @Override
    public String whyNot(Stock stock) {
        return stock.all() == 1 ? "needs more than one to be unlike cards" : "";
    }

    @Override
    int share(int span, boolean first) {
        return first ? span : super.share(span, false);
    }
}
