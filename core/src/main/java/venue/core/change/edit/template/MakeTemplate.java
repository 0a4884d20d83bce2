package venue.core.change.edit.template;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

/**
 * Makes a template: from nothing, as a copy of another, or from a page, whose own sections become starter sections.
 *
 * @param from the template to copy
 * @param page the page to make it from
 */
@JsonTypeName("make-template")
record MakeTemplate(
        String id,
        String name,
        @Nullable String from,
        @Nullable String page) implements TemplateCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Ids.check(id, "id");
        if (edition.find(id).isPresent()) {
            throw Refusal.conflict("id-taken", "id", "This template has been made already.", "Reload to see it.");
        }
        String words = Names.check(edition, Template.class, id, name);
        Template made = page != null
                ? ofPage(desk, edition.require(Page.class, page), words)
                : from != null ? copy(edition.require(Template.class, from), words) : bare(words);
        List<Item> put = new ArrayList<>(List.of(made));
        source(edition)
                .ifPresent(s -> edition.all(Kind.class)
                        .filter(k -> k.templates().contains(s))
                        .forEach(k -> put.add(k.withTemplates(k.template(), plus(k.templates())))));
        return new Change("make the template " + words, put, List.of());
    }

    /** The template it comes from: kinds that may wear that one may wear this one too. */
    private Optional<String> source(Edition edition) {
        return page != null
                ? Optional.of(edition.worn(edition.require(Page.class, page))
                        .template()
                        .id())
                : Optional.ofNullable(from);
    }

    private List<String> plus(List<String> allowed) {
        List<String> more = new ArrayList<>(allowed);
        more.add(id);
        return more;
    }

    private Template bare(String words) {
        return new Template(
                id, words, "", Map.of(), List.of(new Zone(Sectioned.MAIN, "Main", ZoneRole.MAIN, List.of())));
    }

    private Template copy(Template of, String words) {
        return new Template(id, words, of.note(), of.frame(), of.zones(), false, of.options());
    }

    private Template ofPage(Desk desk, Page source, String words) {
        Template worn = desk.edition().worn(source).template();
        List<Zone> zones = new ArrayList<>();
        for (Zone zone : worn.zones()) {
            List<Zone.Placed> placed = new ArrayList<>();
            zone.fixed().forEach(s -> placed.add(new Zone.Placed(s, true)));
            for (Section section : source.zones().in(zone.key())) {
                placed.add(new Zone.Placed(section.withId(desk.freshId()).withOrigin(null), false));
            }
            zones.add(new Zone(zone.key(), zone.name(), zone.role(), zone.accepts(), placed));
        }
        return new Template(id, words, "", worn.frame(), zones, false, worn.options());
    }
}
