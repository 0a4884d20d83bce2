package venue.core.model.section;

import java.util.List;
import java.util.Map;
import venue.core.basics.fault.Refusal;

/** One section that stands on many pages, in templates or on every page: changed once, it changes everywhere. */
public record SharedSection(String id, Section section) implements OnSite {

    @Override
    public String name() {
        return section.name();
    }

    @Override
    public Zones body() {
        return new Zones(Map.of(MAIN, List.of(section)));
    }

    @Override
    public SharedSection withBody(Zones changed) {
        List<Section> sections = changed.in(MAIN);
        if (sections.size() != 1) {
            throw Refusal.badInput(
                    "one-section",
                    "section",
                    "“" + name() + "” is one section, shared; it can't hold " + sections.size() + ".",
                    "Place further sections on the page itself.");
        }
        return new SharedSection(id, sections.get(0));
    }
}
