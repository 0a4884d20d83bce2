package venue.core.change.edit.site;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.model.section.Column;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.site.SiteIdentity;

/** Gives the footer columns of its own to begin with: who it is, its menu, and how to reach it; a section on every page. */
@JsonTypeName("arrange-footer")
record ArrangeFooter(String id) implements SiteCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        if (edition.find(Ids.check(id, "id")).isPresent()
                || edition.foot().stream()
                        .anyMatch(s -> Values.text(s.settings(), "foot").equals("within"))) {
            throw Refusal.conflict(
                    "footer-arranged",
                    "id",
                    "The footer has columns of its own already.",
                    "Write in that section, at the end of any page.");
        }
        Site site = edition.site();
        List<String> foot = new ArrayList<>(site.foot());
        foot.add(id);
        return new Change(
                "arrange the footer",
                List.of(new SharedSection(id, section(menu(site))), site.withFoot(foot)),
                List.of());
    }

    private static String menu(Site site) {
        String foot = Values.text(site.facts(), SiteIdentity.FOOT_MENU);
        return foot.isEmpty() ? Values.text(site.facts(), SiteIdentity.HEADER_MENU) : foot;
    }

    private static Section section(String menu) {
        Element name =
                new Element("e1", "heading", Map.of("text", new Value.Bound("site.name"), "size", Value.of("small")));
        Element line = new Element("e2", "text", Map.of("text", new Value.Bound("site.tagline")));
        Map<String, Value> shown =
                menu.isEmpty() ? Map.of() : Map.of("menu", Value.of(menu), "shape", Value.of("columns"));
        return new Section(
                "s1",
                "Footer",
                null,
                List.of(
                        new Column("c1", 3, List.of(name, line)),
                        new Column("c2", 6, List.of(new Element("e3", "menu", shown))),
                        new Column(
                                "c3",
                                3,
                                List.of(
                                        new Element("e4", "contact", Map.of()),
                                        new Element("e5", "hours", Map.of()),
                                        new Element("e6", "social", Map.of())))),
                Map.of("foot", Value.of("within")),
                null,
                null);
    }
}
