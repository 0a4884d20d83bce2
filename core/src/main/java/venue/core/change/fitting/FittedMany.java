package venue.core.change.fitting;

import java.util.Comparator;
import java.util.List;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

/**
 * What several pages would come to in a template that all of them may wear; nothing is changed.
 *
 * @param worn how many wear it now
 * @param shelving how many of them would put sections on their shelves
 * @param shelved how many sections that would be
 */
public record FittedMany(String template, int worn, int shelving, int shelved) {

    /** For each template in question, by name. */
    public static List<FittedMany> of(Edition edition, List<Page> pages) {
        return edition.all(Template.class)
                .filter(t -> !t.retired())
                .filter(t -> pages.stream()
                        .allMatch(p -> edition.require(Kind.class, p.kind()).mayWear(t.id())))
                .sorted(Comparator.comparing(Template::name))
                .map(t -> of(edition, pages, t))
                .toList();
    }

    private static FittedMany of(Edition edition, List<Page> pages, Template template) {
        List<Integer> shelved = pages.stream()
                .map(p -> Fitted.of(edition, p, template).shelved().size())
                .filter(n -> n > 0)
                .toList();
        long worn = pages.stream()
                .filter(p -> edition.worn(p).template().equals(template))
                .count();
        return new FittedMany(
                template.id(),
                (int) worn,
                shelved.size(),
                shelved.stream().mapToInt(n -> n).sum());
    }
}
