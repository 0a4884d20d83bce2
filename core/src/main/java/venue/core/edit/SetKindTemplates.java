package venue.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.fault.Refusal;
import venue.core.kind.Kind;
import venue.core.template.Template;

/**
 * Says which templates pages of a kind may wear, and which they wear unless they choose.
 *
 * @param template absent for the site's own
 * @param allowed empty for all
 */
public record SetKindTemplates(String kind, @Nullable String template, List<String> allowed) implements ShapesSite {

    public SetKindTemplates {
        allowed = allowed == null ? List.of() : List.copyOf(allowed);
    }

    @Override
    public Change on(Desk desk) {
        Kind target = desk.edition().require(Kind.class, kind);
        allowed.forEach(id -> desk.edition().require(Template.class, id));
        if (template != null) {
            Template worn = desk.edition().require(Template.class, template);
            if (!allowed.isEmpty() && !allowed.contains(template)) {
                throw Refusal.badInput(
                        "template-not-allowed",
                        "template",
                        "“" + worn.name() + "” is not among the templates that " + target.name() + " pages may wear.",
                        "Allow it too, or choose one of those.");
            }
        }
        return Change.of("templates of the kind " + target.name(), target.withTemplates(template, allowed));
    }
}
