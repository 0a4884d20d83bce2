package venue.core.sort;

import java.util.List;
import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.template.FrameSettings;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/** Templates, which show on the pages that wear them. */
final class TemplateSort extends Sort<Template> {

    TemplateSort() {
        super(Template.class);
    }

    @Override
    Optional<Item> anew(Template template, String id, Walk walk) {
        List<Zone> zones = template.zones().stream()
                .map(z -> new Zone(
                        z.key(),
                        z.name(),
                        z.role(),
                        z.accepts(),
                        z.sections().stream()
                                .map(s -> new Zone.Placed(walk.section(s.section()), s.fixed()))
                                .toList()))
                .toList();
        return Optional.of(new Template(
                id,
                template.name(),
                template.note(),
                walk.named(FrameSettings.all(), template.frame()),
                zones,
                template.retired(),
                walk.declared(template.options())));
    }

    @Override
    Optional<Item> called(Template template, String name) {
        return Optional.of(template.withName(name, template.note()));
    }

    @Override
    ReachedPages reach(Template template, Edition edition) {
        return ReachedPages.listed(ReachedPages.wearing(edition, template.id()).toList());
    }
}
