package venue.core.change.edit.value;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.References;
import venue.core.model.property.Settable;

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
