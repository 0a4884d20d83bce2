package venue.core.change.edit.page;

import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.model.kind.BeneathRule;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

/**
 * Brings back what a page was, or one section of it. Its place in the plan, its address and what may stand
 * beneath it stay as they are now.
 *
 * @param then the earlier version
 * @param section the one section to bring back; absent for everything
 */
record BringBack(Page then, @Nullable String section) implements PageCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Page now = desk.edition().require(Page.class, then.id());
        return section == null
                ? Change.of("bring back " + then.title() + " as it was", whole(now))
                : Change.of("bring back a section of " + now.title(), now.withZones(one(now.zones(), section)));
    }

    private Page whole(Page now) {
        return now.withTitle(then.title())
                .withTemplate(then.template(), then.zones(), then.shelf())
                .withFields(then.fields())
                .withSettings(BeneathRule.kept(then.settings(), now.settings()))
                .withTaken(then.taken());
    }

    private Zones one(Zones zones, String id) {
        Zones.Place was = then.zones().find(id).orElseThrow(() -> Refusal.unknown("section", id));
        Section earlier = was.section();
        return zones.find(id).isPresent()
                ? zones.change(id, s -> earlier)
                : zones.insert(was.zone(), was.index(), earlier);
    }
}
