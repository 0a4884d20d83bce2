package venue.server.catalog;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import venue.core.body.element.ElementKind;
import venue.core.model.property.Property;
import venue.core.model.property.UsualFields;

/**
 * A kind of element with the properties it declares.
 *
 * @param offeredWith the field without which a setting is not offered, by the setting's key or by key and answer
 */
record ElementInfo(
        @JsonUnwrapped ElementHead head,
        List<Property> properties,
        List<String> siteFacts,
        @JsonUnwrapped ElementCard card,
        Map<String, Property> offeredWith) {

    public record ElementHead(String key, String name, String note, boolean managersOnly) {}

    /**
     * @param inPlace keys of those that are written in its card
     * @param summary keys of those that sum it up there
     * @param tried whether its layouts are tried side by side
     * @param states what it shows after something was done in it, besides the first; a proof can show each
     */
    public record ElementCard(List<String> inPlace, List<String> summary, boolean tried, List<String> states) {}

    static ElementInfo of(ElementKind kind) {
        return new ElementInfo(
                new ElementHead(kind.key(), kind.name(), kind.note(), kind.isManagersOnly()),
                kind.properties(),
                kind.siteFacts(),
                new ElementCard(kind.inPlace(), kind.summary(), kind.isTried(), kind.states()),
                kind.offeredWith().entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                e -> UsualFields.declared(e.getValue()).orElseThrow())));
    }
}
