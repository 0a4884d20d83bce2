package venue.core.show.render;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import venue.core.body.basket.Ware;
import venue.core.body.form.BasketField;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.Filling;
import venue.core.body.form.PlacesLeft;
import venue.core.body.form.Posted;
import venue.core.body.form.ReadyForms;
import venue.core.body.form.Sending;
import venue.core.body.scene.SceneForms;
import venue.core.model.form.Form;
import venue.core.model.page.Page;
import venue.core.show.filling.Offering;
import venue.core.show.filling.Wares;

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
        Sending here = sending.isOfEvery() ? tried(form, sending.state()) : sending.at(form);
        if (view.guest().isMember() && form(form).flatMap(Form::commentField).isPresent()) {
            return ofMember(form(form).orElseThrow(), here);
        }
        return form(form)
                .filter(f -> isWhole()
                        && here.state() == Sending.State.OPEN
                        && BasketField.in(f).isPresent())
                .map(f -> Sending.stepped(form, 1, BasketField.sample(f, offering)))
                .orElse(here);
    }

    /** What a member says stands under their name: it is written there. */
    private Sending ofMember(Form form, Sending here) {
        if (here.state() != Sending.State.OPEN && here.state() != Sending.State.STEP) {
            return here;
        }
        Map<String, List<String>> typed = new HashMap<>();
        FieldKinds.name(form)
                .ifPresent(f -> typed.put(f.key(), List.of(view.guest().name())));
        FieldKinds.email(form)
                .ifPresent(f -> typed.put(f.key(), List.of(view.guest().email())));
        typed.putAll(here.typed());
        return Sending.stepped(form.id(), 1, typed);
    }

    /** As it stands where nothing was filled in, or all of it. */
    private Sending tried(String id, Sending.State state) {
        return form(id).filter(f -> state == Sending.State.REFUSED)
                .map(form -> {
                    Filling filling = new Filling(form, offering);
                    Posted posted = new Posted(BasketField.sample(form, offering));
                    return filling.refused(posted, filling.check(posted).mistakes());
                })
                .orElseGet(() -> Sending.sent(id, state));
    }

    @Override
    public Optional<PlacesLeft> seats(Page of) {
        return isHere() ? offering.seats(of) : Optional.empty();
    }

    @Override
    public Optional<Ware> ware(Page of) {
        return isHere() && Wares.ordering(view.edition()).filter(view::shows).isPresent()
                ? offering.ware(of.id())
                : Optional.empty();
    }

    @Override
    public void takes() {
        needs.needTaking();
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
        return view.facts().server() + view.path(page);
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
