package venue.core.kind;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.item.Item;
import venue.core.property.Property;

/**
 * What a page is.
 *
 * @param fields what its pages hold beside their sections; {@code summary}, {@code picture} and {@code date} are shown by
 *     listings where a kind has them
 * @param templates the templates its pages may wear; empty for all
 * @param template the template its pages wear unless they choose
 * @param mayHold the kinds that may stand beneath its pages; absent for any
 * @param offeredFirst whether it stands among the first when a page is made
 * @param startsIn where writing starts, {@code galley} or {@code form}
 */
public record Kind(
        String id,
        String name,
        String note,
        List<Property> fields,
        List<String> templates,
        @Nullable String template,
        Placement beneath,
        @Nullable List<String> mayHold,
        boolean offeredFirst,
        String startsIn)
        implements Item {

    public Kind {
        note = note == null ? "" : note;
        fields = fields == null ? List.of() : List.copyOf(fields);
        templates = templates == null ? List.of() : List.copyOf(templates);
        beneath = beneath == null ? Placement.ANYWHERE : beneath;
        mayHold = mayHold == null ? null : List.copyOf(mayHold);
        startsIn = startsIn == null ? "galley" : startsIn;
    }

    public Kind withTemplates(List<String> allowed) {
        return new Kind(id, name, note, fields, allowed, template, beneath, mayHold, offeredFirst, startsIn);
    }

    public Kind withTemplates(@Nullable String worn, List<String> allowed) {
        return new Kind(id, name, note, fields, allowed, worn, beneath, mayHold, offeredFirst, startsIn);
    }

    public Optional<Property> field(String key) {
        return fields.stream().filter(f -> f.key().equals(key)).findFirst();
    }

    /** Whether pages of this kind may wear the template. */
    public boolean mayWear(String templateId) {
        return templates.isEmpty() || templates.contains(templateId);
    }
}
