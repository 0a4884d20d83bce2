package venue.server.catalog;

import java.util.List;
import venue.core.body.element.ElementKind;
import venue.core.model.property.Property;

/**
 * A kind of element with the properties it declares.
 *
 * @param inPlace keys of those that are written in its card
 * @param summary keys of those that sum it up there
 */
record ElementInfo(
        String key,
        String name,
        String note,
        List<Property> properties,
        List<String> siteFacts,
        List<String> inPlace,
        List<String> summary,
        boolean managersOnly) {

    static ElementInfo of(ElementKind kind) {
        return new ElementInfo(
                kind.key(),
                kind.name(),
                kind.note(),
                kind.properties(),
                kind.siteFacts(),
                kind.inPlace(),
                kind.summary(),
                kind.isManagersOnly());
    }
}
