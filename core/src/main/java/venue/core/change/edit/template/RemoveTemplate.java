package venue.core.change.edit.template;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.fitting.Arranged;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.site.Site;
import venue.core.model.template.Template;

/** Removes a template. Its pages, its kinds and the site wear the successor instead. */
@JsonTypeName("remove-template")
record RemoveTemplate(String template, String successor) implements TemplateCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Template going = edition.require(Template.class, template);
        Template next = edition.require(Template.class, successor);
        if (template.equals(successor)) {
            throw Refusal.badInput(
                    "no-successor",
                    "successor",
                    "“" + going.name() + "” can't take its own place.",
                    "Choose another template for its pages.");
        }
        List<Item> put = new ArrayList<>();
        edition.all(Page.class)
                .filter(p -> edition.worn(p).template().equals(going))
                .forEach(p -> put.add(Arranged.of(edition, p, chosen(p), next)));
        edition.all(Kind.class)
                .filter(k -> template.equals(k.template()) || k.templates().contains(template))
                .forEach(k -> put.add(instead(k)));
        Site site = edition.site();
        if (site.fallbackTemplate().equals(template)) {
            put.add(site.withFallback(successor));
        }
        return new Change("remove the template " + going.name(), put, List.of(template));
    }

    /** Pages that chose it choose the successor; those that wear it as their kind says go on doing so. */
    private @org.jspecify.annotations.Nullable String chosen(Page page) {
        return template.equals(page.template()) ? successor : page.template();
    }

    private Kind instead(Kind kind) {
        List<String> allowed = kind.templates().stream()
                .map(t -> t.equals(template) ? successor : t)
                .distinct()
                .toList();
        return kind.withTemplates(template.equals(kind.template()) ? successor : kind.template(), allowed);
    }
}
