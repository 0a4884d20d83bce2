package venue.server.kind;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.edition.usage.FieldUse;
import venue.core.model.kind.Placement;
import venue.core.model.property.Property;

/**
 * A kind as its screen shows it.
 */
record KindDetail(
        @JsonUnwrapped KindHead head,
        @JsonUnwrapped KindFields form,
        @JsonUnwrapped KindRules rules,
        @JsonUnwrapped KindPages pages) {

    /** @param revision the hash of its content, to be sent with commands */
    public record KindHead(String id, Hash revision, String name, String note, boolean retired) {}

    /** @param putAway fields taken off the form */
    public record KindFields(List<FieldUse> fields, List<PutAway> putAway) {}

    /**
     * @param allowed the templates its pages may wear; absent for all
     * @param usual the template its pages wear unless they choose
     */
    public record KindRules(
            Map<String, Value> settings,
            List<Property> settingList,
            Placement beneath,
            @Nullable List<String> allowed,
            String usual) {}

    /**
     * @param following how many of its pages wear the usual template because the kind says so
     * @param chosen how many chose their own
     * @param shown a page of the kind, to look at its form; absent where there is none
     */
    public record KindPages(
            long pages,
            long following,
            long chosen,
            @Nullable String shown) {}

    /** A field that was taken off the form, and how many pages keep something in it. */
    record PutAway(Property field, long kept) {}
}
