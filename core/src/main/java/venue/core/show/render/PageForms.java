package venue.core.show.render;

import java.util.Locale;
import java.util.Optional;
import venue.core.body.form.PlacesLeft;
import venue.core.body.form.Sending;
import venue.core.body.scene.SceneForms;
import venue.core.model.form.Form;
import venue.core.model.page.Page;
import venue.core.show.filling.Offering;

/** What visitors fill in on one page. */
final class PageForms implements SceneForms {

    private final View view;
    private final Page page;
    private final PageNeeds needs;
    private final Offering offering;

    PageForms(View view, Page page, String language, PageNeeds needs) {
        this.view = view;
        this.page = page;
        this.needs = needs;
        offering = view.offering(page, Locale.forLanguageTag(language));
    }

    @Override
    public Optional<Form> form(String id) {
        return view.edition().find(Form.class, id).filter(f -> !f.retired());
    }

    @Override
    public Offering around() {
        return offering;
    }

    @Override
    public Sending sending(String form) {
        return view.facts().sending().at(form);
    }

    @Override
    public Optional<PlacesLeft> seats(Page of) {
        return isHere() ? offering.seats(of) : Optional.empty();
    }

    @Override
    public boolean isHere() {
        return view.facts().here();
    }

    @Override
    public boolean isWhole() {
        return view.mode() == View.Mode.MARKED;
    }

    @Override
    public String action() {
        return view.path(page);
    }

    @Override
    public String stamp() {
        return view.facts().stamp();
    }

    @Override
    public void written() {
        needs.needFilling();
    }
}
