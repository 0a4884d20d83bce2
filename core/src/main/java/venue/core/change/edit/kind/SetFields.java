package venue.core.change.edit.kind;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.Declared;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;

/**
 * Gives a kind these fields in this order. Those that are not named any more are put away: what pages hold in them is kept, and
 * comes back with them.
 */
@JsonTypeName("set-fields")
record SetFields(String kind, List<Property> fields) implements KindCommand {

    /** Keys that every page has already. */
    private static final Set<String> RESERVED = reserved();

    SetFields {
        fields = List.copyOf(fields);
    }

    private static Set<String> reserved() {
        Set<String> keys = PageSettings.all().stream().map(Property::key).collect(Collectors.toSet());
        keys.addAll(Set.of("title", "segment", "name", "address"));
        return keys;
    }

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Kind target = edition.require(Kind.class, kind);
        Declared.check(fields, "fields", RESERVED);
        fields.forEach(f -> requireFits(edition, target, f));
        Map<String, Property> known = fields.stream().collect(Collectors.toMap(Property::key, f -> f));
        List<Property> away = new ArrayList<>(target.fields());
        away.addAll(target.putAway());
        away.removeIf(f -> known.containsKey(f.key()));
        return Change.of("fields of the kind " + target.name(), target.withFields(fields, away));
    }

    /** What pages hold already must fit the field as it is to be; nothing is thrown away for it. */
    private void requireFits(Edition edition, Kind target, Property field) {
        Optional<Property> before = target.field(field.key())
                .or(() -> target.putAway().stream()
                        .filter(f -> f.key().equals(field.key()))
                        .findFirst());
        if (before.equals(Optional.of(field))) {
            return;
        }
        List<Page> unfit = Stream.concat(
                        edition.all(Page.class), edition.entries(kind).stream().map(Entry::asListed))
                .filter(p -> p.kind().equals(kind))
                .filter(p -> !fits(field, p.fields().get(field.key())))
                .toList();
        if (!unfit.isEmpty()) {
            throw Refusal.conflict(
                    "values-do-not-fit",
                    "fields." + field.key(),
                    Words.count(
                                    unfit.size(),
                                    target.isPageless() ? "entry" : "page",
                                    target.isPageless() ? "entries" : "pages")
                            + " hold something in “" + field.label() + "” that does not fit this, first “"
                            + unfit.get(0).title() + "”.",
                    "Change it there first, or put this field away and make another.");
        }
    }

    private static boolean fits(Property field, @org.jspecify.annotations.Nullable Value value) {
        if (value == null) {
            return true;
        }
        try {
            PropertyCheck.one(field, value, field.key());
            return true;
        } catch (Refusal e) {
            return false;
        }
    }
}
