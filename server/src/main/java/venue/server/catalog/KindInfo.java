package venue.server.catalog;

import java.util.Comparator;
import java.util.List;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Worn;
import venue.core.model.kind.Kind;
import venue.core.model.property.Property;
import venue.core.model.site.Role;
import venue.core.model.template.Template;

/**
 * A kind of page.
 *
 * @param templates those its pages may wear and that are offered
 * @param changeable whether whoever asks may change its pages
 */
record KindInfo(
        String id,
        String name,
        String note,
        List<Property> fields,
        List<String> templates,
        String template,
        boolean offeredFirst,
        String startsIn,
        boolean retired,
        boolean changeable,
        boolean pageless,
        boolean topics,
        long pages) {

    /** All of them, those offered first before the others. */
    static List<KindInfo> all(Edition edition, Role role) {
        List<String> offered = edition.all(Template.class)
                .filter(t -> !t.retired())
                .map(Template::id)
                .sorted()
                .toList();
        return edition.all(Kind.class)
                .sorted(Comparator.comparing(Kind::offeredFirst).reversed().thenComparing(Kind::name))
                .map(k -> new KindInfo(
                        k.id(),
                        k.name(),
                        k.note(),
                        k.fields(),
                        k.templates().isEmpty()
                                ? offered
                                : k.templates().stream()
                                        .filter(offered::contains)
                                        .toList(),
                        Worn.ofNew(edition, k).id(),
                        k.offeredFirst(),
                        k.startsIn(),
                        k.retired(),
                        k.mayBeChangedBy(role),
                        k.isPageless(),
                        k.isOfTopics(),
                        k.isPageless()
                                ? edition.entries(k.id()).size()
                                : edition.plan().ofKind(k.id()).size()))
                .toList();
    }
}
