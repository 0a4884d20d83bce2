package venue.core.edit.value;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.References;
import venue.core.fault.Refusal;
import venue.core.item.Item;
import venue.core.property.Settable;
import venue.core.text.Words;
import venue.core.value.Value;

/**
 * Sets several declared properties of a look, a kind, a template's frame or the site at once: a palette, for example.
 *
 * @param values by key
 * @param reset keys of those that go back to what is built in
 */
@JsonTypeName("set-values")
record SetValues(String item, Map<String, Value> values, List<String> reset) implements ValueCommand {

    SetValues {
        values = values == null ? Map.of() : Map.copyOf(values);
        reset = reset == null ? List.of() : List.copyOf(reset);
    }

    @Override
    public Change on(Desk desk) {
        Item found = desk.edition().find(item).orElseThrow(() -> Refusal.unknown("item", item));
        if (!(found instanceof Settable settable)) {
            throw Refusal.badInput(
                    "nothing-to-set", "item", "“" + found.name() + "” has no such properties.", "Choose a look.");
        }
        Settable changed = settable;
        for (Map.Entry<String, Value> given : new TreeMap<>(values).entrySet()) {
            String key = given.getKey();
            changed =
                    changed.with(key, References.checked(desk.edition(), settable.setting(key), given.getValue(), key));
        }
        for (String key : reset) {
            settable.setting(key);
            changed = changed.with(key, null);
        }
        return Change.of(Words.count(values.size() + reset.size(), "setting") + " of " + settable.told(), changed);
    }
}
