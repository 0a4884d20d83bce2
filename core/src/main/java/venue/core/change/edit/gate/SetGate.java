package venue.core.change.edit.gate;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.GateWords;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Audience.Who;
import venue.core.model.gate.Gate;
import venue.core.model.gate.GateSettings;
import venue.core.model.gate.Group;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.site.Site;

/**
 * Says who may see pages and what stands beneath them, or the pages of kinds, or the whole site.
 *
 * @param items ids of pages and kinds, or {@code site}
 * @param who {@code everyone}, {@code members}, {@code groups} or {@code us}; absent to leave it to what stands above
 * @param groups ids of the groups, for {@code groups}
 * @param hidden whether whoever may not doesn't learn that it is there
 */
@JsonTypeName("set-gate")
record SetGate(List<String> items, @Nullable String who, List<String> groups, boolean hidden) implements GateCommand {

    SetGate {
        items = items == null ? List.of() : List.copyOf(items);
        groups = groups == null ? List.of() : List.copyOf(groups);
    }

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Gate gate = gate(edition);
        List<Item> put = new ArrayList<>();
        for (String id : items) {
            put.add(put(edition, id, gate));
        }
        if (put.isEmpty()) {
            throw Refusal.badInput("nothing-chosen", "items", "No page is chosen.", "Choose those that it is about.");
        }
        String what = put.size() == 1 ? put.get(0).name() : Words.count(put.size(), "page");
        return new Change(
                gate == null
                        ? "leave who may see " + what + " to what stands above"
                        : what + " for " + GateWords.of(edition, gate.audience()),
                put,
                List.of());
    }

    private @Nullable Gate gate(Edition edition) {
        if (who == null) {
            return null;
        }
        Who known = Stream.of(Who.values())
                .filter(w -> w != Who.STRANGERS && w.key().equals(who))
                .findFirst()
                .orElseThrow(() -> Refusal.badInput(
                        "bad-value",
                        "who",
                        "Nobody is called “" + who + "” here.",
                        "Say everyone, members, groups or us."));
        if (known == Who.GROUPS && groups.isEmpty()) {
            throw Refusal.badInput(
                    "no-group", "groups", "No group is chosen: nobody could see it.", "Choose a group, or say us.");
        }
        groups.forEach(g -> edition.require(Group.class, g));
        return new Gate(new Audience(known, known == Who.GROUPS ? Set.copyOf(groups) : Set.of()), hidden);
    }

    private static Item put(Edition edition, String id, @Nullable Gate gate) {
        if (id.equals(Site.ID)) {
            Site site = edition.site();
            return site.withFacts(with(site.facts(), gate));
        }
        return edition.find(Kind.class, id)
                .<Item>map(k -> k.withSettings(with(k.settings(), gate)))
                .orElseGet(() -> {
                    Page page = edition.require(Page.class, id);
                    return page.withSettings(with(page.settings(), gate));
                });
    }

    private static Map<String, Value> with(Map<String, Value> settings, @Nullable Gate gate) {
        Map<String, Value> all = new TreeMap<>(settings);
        GateSettings.inherited().forEach(p -> all.remove(p.key()));
        all.putAll(GateSettings.values(gate));
        return all;
    }
}
