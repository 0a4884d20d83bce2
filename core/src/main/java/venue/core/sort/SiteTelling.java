package venue.core.sort;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import venue.core.model.property.Property;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;

/** What differs between two contents of the site itself. */
final class SiteTelling {

    private SiteTelling() {}

    static List<String> says(Site live, Site working, Between between) {
        List<String> says = new ArrayList<>();
        if (!Objects.equals(live.home(), working.home())) {
            says.add("Home page: " + Between.title(between.working(), working.home()) + " instead of "
                    + Between.title(between.live(), live.home()));
        }
        if (!live.look().equals(working.look())) {
            says.add("Wears the look " + between.working().theme().name());
        }
        if (!live.name().equals(working.name())) {
            says.add("Named " + working.name());
        }
        if (!live.language().equals(working.language())) {
            says.add("Written in " + working.language());
        }
        if (!live.zone().equals(working.zone())) {
            says.add("Time zone " + working.zone());
        }
        if (!live.hosts().equals(working.hosts())) {
            says.add("Host names changed; they hold already");
        }
        if (!live.foot().equals(working.foot())) {
            says.add("Other sections stand on every page");
        }
        for (Property fact : SiteFacts.all()) {
            if (!fact.in(live.facts()).equals(fact.in(working.facts()))) {
                says.add(fact.label() + " changed");
            }
        }
        return says.isEmpty() ? List.of("Changed") : says;
    }
}
