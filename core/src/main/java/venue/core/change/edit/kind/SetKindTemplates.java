package venue.core.change.edit.kind;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.fitting.Arranged;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

/**
 * Says which templates pages of a kind may wear, and which they wear unless they choose. Pages that follow their kind are
 * arranged anew; those that chose keep what they chose.
 *
 * @param template absent for the site's own
 * @param allowed absent for all
 */
@JsonTypeName("set-kind-templates")
record SetKindTemplates(
        String kind, @Nullable String template, @Nullable List<String> allowed) implements KindCommand {

    SetKindTemplates {
        allowed = allowed == null ? null : List.copyOf(allowed);
    }

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Kind target = edition.require(Kind.class, kind);
        List<String> some = allowed == null ? List.of() : allowed;
        some.forEach(id -> edition.require(Template.class, id));
        if (allowed != null && some.isEmpty()) {
            throw Refusal.badInput(
                    "none-allowed",
                    "allowed",
                    target.pages() + " have to wear some template.",
                    "Allow another one first, or all.");
        }
        String worn = template == null ? edition.site().fallbackTemplate() : template;
        Template usual = edition.require(Template.class, worn);
        if (allowed != null && !some.contains(worn)) {
            throw Refusal.badInput(
                    "template-not-allowed",
                    "template",
                    "“" + usual.name() + "” is not among the templates that " + target.pages() + " may wear.",
                    "Allow it too, or choose one of those.");
        }
        Kind changed = target.withTemplates(template, some);
        List<Item> put = new ArrayList<>(List.of(changed));
        Edition after = edition.with(put, List.of());
        edition.all(Page.class)
                .filter(p -> p.kind().equals(kind))
                .filter(p -> !after.worn(p).template().equals(edition.worn(p).template()))
                .map(p -> Arranged.of(edition, p, p.template(), after.worn(p).template()))
                .forEach(put::add);
        return new Change("templates of the kind " + target.name(), put, List.of());
    }
}
