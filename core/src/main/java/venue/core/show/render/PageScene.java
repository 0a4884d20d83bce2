package venue.core.show.render;

import java.time.LocalDateTime;
import java.util.List;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Headings;
import venue.core.body.scene.Outline;
import venue.core.body.scene.Scene;
import venue.core.edition.edition.Differing;
import venue.core.model.page.Page;
import venue.core.model.property.OptionAnswer;
import venue.core.model.property.Property;
import venue.core.model.site.Membership;
import venue.core.model.theme.Look;

/** The page and site around an element while one page is written. */
final class PageScene implements Scene {

    private static final int WHOLE = 12;

    private final View view;
    private final Page page;
    private final Headings headings;
    private final Look look;
    private final PageOptions options;
    private final PageNeeds needs = new PageNeeds();
    private final PageWords words;
    private final PageLinks links;
    private final PagePictures pictures;
    private final PageGathered gathered;
    private final PageForms forms;
    private final PageTraces traces;
    /** What the page's content begins with, known once it is written. */
    final PageOpening beginning;

    private int ids;
    private int span = WHOLE;

    /** @param declared the options of the template in which it is shown */
    PageScene(View view, Page page, boolean titled, List<Property> declared) {
        this.view = view;
        this.page = page;
        headings = new Headings(titled);
        options = new PageOptions(page, declared);
        words = new PageWords(view, page, options, headings, needs);
        links = new PageLinks(view, page, words, needs);
        pictures = new PagePictures(view, words.language());
        gathered = new PageGathered(new PageListings(view, page), new PageSearch(view, page));
        forms = new PageForms(view, page, words.language(), needs);
        traces = new PageTraces(view, page, needs);
        look = Differing.look(view.edition(), page);
        beginning = new PageOpening(look);
    }

    @Override
    public PageWords words() {
        return words;
    }

    @Override
    public PageLinks links() {
        return links;
    }

    @Override
    public PagePictures pictures() {
        return pictures;
    }

    @Override
    public PageGathered gathered() {
        return gathered;
    }

    @Override
    public PageForms forms() {
        return forms;
    }

    @Override
    public PageTraces traces() {
        return traces;
    }

    /** What is known of the page once it is written, and told to whoever serves it. */
    PageNeeds needs() {
        return needs;
    }

    @Override
    public Guest guest() {
        return view.guest();
    }

    @Override
    public Membership membership() {
        return Membership.in(view.edition().site());
    }

    @Override
    public void needsForms() {
        needs.needForms();
    }

    @Override
    public Page page() {
        return page;
    }

    @Override
    public String freshId() {
        return "v" + ++ids;
    }

    @Override
    public LocalDateTime localTime() {
        return view.localTime();
    }

    @Override
    public void lasts(LocalDateTime until) {
        view.lasts().until(until);
    }

    @Override
    public Outline outline() {
        return needs.outline();
    }

    @Override
    public Headings headings() {
        return headings;
    }

    @Override
    public Look look() {
        return look;
    }

    @Override
    public String cards(String choice) {
        return needs.rules().cards(choice);
    }

    PageScene inColumn(int twelfths) {
        span = twelfths;
        return this;
    }

    @Override
    public int span() {
        return span;
    }

    /** Whether the page has chosen so among its template's options. */
    boolean answers(OptionAnswer wanted) {
        return options.answers(wanted);
    }
}
