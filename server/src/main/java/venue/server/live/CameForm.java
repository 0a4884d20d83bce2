package venue.server.live;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import venue.core.body.form.Filling;
import venue.core.body.form.FormNames;
import venue.core.body.form.Mistake;
import venue.core.body.form.Posted;
import venue.core.body.form.Sending;
import venue.core.model.form.Form;
import venue.core.model.page.Page;
import venue.core.show.render.View;
import venue.store.workspace.Workspace;

/** A form as it came, and where it stands. */
record CameForm(
        Workspace workspace,
        Caller caller,
        LiveSite site,
        View view,
        Page page,
        Form form,
        Posted posted,
        String network) {

    Filling filling() {
        return new Filling(form, FilledPages.offering(view, page));
    }

    Reply shown(Sending sending, int status) {
        return site.filled(view, page, sending, status);
    }

    /** With what is wrong said where it is. */
    Reply refused(Map<String, Mistake> mistakes) {
        return shown(filling().refused(posted, mistakes).carrying(carried()), 422);
    }

    /** So much comes from one place that it is not taken now. */
    Reply later() {
        return shown(Sending.later(form.id(), filling().typed(posted)).carrying(carried()), 429);
    }

    /** What is sent along with what is typed: whom it answers, what it changes. */
    private Map<String, List<String>> carried() {
        Map<String, List<String>> carried = new HashMap<>();
        for (String name : List.of(FormNames.TO, FormNames.CHANGE)) {
            if (!posted.one(name).isEmpty()) {
                carried.put(name, List.of(posted.one(name)));
            }
        }
        return carried;
    }
}
