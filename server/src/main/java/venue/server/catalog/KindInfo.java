package venue.server.catalog;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
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
 */
record KindInfo(
        @JsonUnwrapped KindName named,
        List<Property> fields,
        @JsonUnwrapped KindOffer offer,
        @JsonUnwrapped KindNature nature) {

    public record KindName(String id, String name, String note, boolean retired, long pages) {}

    /**
     * @param templates those its pages may wear and that are offered
     * @param wearsAny whether it lists none, and so may wear all, those that are made later too
     */
    public record KindOffer(
            List<String> templates, boolean wearsAny, String template, boolean offeredFirst, String startsIn) {}

    /** @param changeable whether whoever asks may change its pages */
    public record KindNature(boolean changeable, boolean pageless, boolean topics) {}

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
                        new KindName(
                                k.id(),
                                k.name(),
                                k.note(),
                                k.retired(),
                                k.isPageless()
                                        ? edition.entries(k.id()).size()
                                        : edition.plan().ofKind(k.id()).size()),
                        k.fields(),
                        new KindOffer(
                                k.templates().isEmpty()
                                        ? offered
                                        : k.templates().stream()
                                                .filter(offered::contains)
                                                .toList(),
                                k.templates().isEmpty(),
                                Worn.ofNew(edition, k).id(),
                                k.offeredFirst(),
                                k.startsIn()),
                        new KindNature(k.mayBeChangedBy(role), k.isPageless(), k.isOfTopics())))
                .toList();
    }
}
