package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.fitting.Arranged;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Worn;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

/**
 * Chooses the template of pages. Sections keep their zone by name, role or order; those without one wait on the shelf.
 * What the template brings to new pages is left where it is; what is new in it from now on is offered.
 *
 * @param template absent for "as its kind says"
 */
@JsonTypeName("choose-template")
record ChooseTemplate(List<String> pages, @Nullable String template) implements PageCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        List<Item> put = new ArrayList<>();
        for (String id : pages) {
            Page page = edition.require(Page.class, id);
            Kind kind = edition.require(Kind.class, page.kind());
            Template chosen = template == null ? Worn.ofNew(edition, kind) : edition.require(Template.class, template);
            if (!kind.mayWear(chosen.id())) {
                throw Refusal.badInput(
                        "template-not-allowed",
                        "template",
                        kind.pages() + " may not wear the template " + chosen.name() + ".",
                        "Choose one that the kind allows.");
            }
            put.add(Arranged.of(edition, page, template, chosen)
                    .withTaken(desk.hashOf().apply(chosen.id())));
        }
        String name = put.size() == 1 ? put.get(0).name() : Words.count(put.size(), "page");
        return new Change("template of " + name, put, List.of());
    }
}
