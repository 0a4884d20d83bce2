package venue.core.show.render;

import java.util.Locale;
import java.util.Optional;
import venue.core.body.form.Filling;
import venue.core.body.form.PlacesLeft;
import venue.core.body.form.Posted;
import venue.core.body.form.ReadyForms;
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
        return view.edition()
                .find(Form.class, id)
                .or(() ->
                        ReadyForms.find(id).filter(f -> view.edition().find(id).isEmpty()))
                .filter(f -> !f.retired());
    }

    @Override
    public Offering around() {
        return offering;
    }

    @Override
    public Sending sending(String form) {
        Sending sending = view.facts().sending();
        return sending.isOfEvery() ? tried(form, sending.state()) : sending.at(form);
    }

    /** As it stands where nothing was filled in, or all of it. */
    private Sending tried(String id, Sending.State state) {
        return form(id).filter(f -> state == Sending.State.REFUSED)
                .map(form -> {
                    Filling filling = new Filling(form, offering);
                    return filling.refused(
                            Posted.NOTHING, filling.check(Posted.NOTHING).mistakes());
                })
                .orElseGet(() -> Sending.sent(id, state));
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
