package venue.core.body.element;

import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.UsualFields;

/** The fields that entries must have, for a listing to show and order them as it is set to. */
final class ListingNeeds {

    private static final Set<String> BY_DATE = Set.of("coming", "now", "past", "soonest", "newest", "month", "year");

    /** What is not offered for entries without a field. */
    static final Map<String, String> OFFERED = Map.ofEntries(
            Map.entry("which", UsualFields.DATE),
            Map.entry("order=soonest", UsualFields.DATE),
            Map.entry("group=month", UsualFields.DATE),
            Map.entry("group=year", UsualFields.DATE),
            Map.entry("dates", UsualFields.DATE),
            Map.entry("dateForm", UsualFields.DATE),
            Map.entry("byYear", UsualFields.DATE),
            Map.entry("pictures", UsualFields.PICTURE),
            Map.entry("summaries", UsualFields.SUMMARY),
            Map.entry("person", UsualFields.PERSON),
            Map.entry("contacts", UsualFields.EMAIL));

    private ListingNeeds() {}

    static Stream<String> of(Map<String, Value> props) {
        return Stream.of(
                        dates(props),
                        ListingLayouts.of(props).needs().stream(),
                        contacts(props),
                        props.containsKey("person") && Values.flag(props, "person")
                                ? Stream.of(UsualFields.PERSON)
                                : Stream.<String>empty(),
                        Stream.of("by", "groupBy", "kicker")
                                .map(key -> Values.text(props, key))
                                .filter(key -> !key.isEmpty()),
                        chosen(props.get("fields")))
                .flatMap(keys -> keys)
                .distinct();
    }

    private static Stream<String> chosen(@Nullable Value fields) {
        return fields instanceof Value.Many many
                ? many.groups().stream().map(group -> Values.text(group, "field"))
                : Stream.empty();
    }

    private static Stream<String> dates(Map<String, Value> props) {
        boolean asked = Stream.of("which", "order", "group")
                .map(key -> Values.text(props, key))
                .anyMatch(BY_DATE::contains);
        return asked ? Stream.of(UsualFields.DATE) : Stream.empty();
    }

    private static Stream<String> contacts(Map<String, Value> props) {
        String shown = Values.text(props, "contacts");
        return shown.isEmpty() || shown.equals("none") ? Stream.empty() : Stream.of(UsualFields.EMAIL);
    }
}
