package venue.core.sort;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.body.glyph.Glyph;
import venue.core.edition.edition.Asks;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.PageFacts;
import venue.core.edition.usage.GroupUse;
import venue.core.model.property.Declared;
import venue.core.model.property.PropertyCheck;
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
    Stream<String> groups(Template template) {
        return GroupUse.sections(template);
    }

    @Override
    Optional<Item> called(Template template, String name) {
        return Optional.of(template.withName(name, template.note()));
    }

    @Override
    Item checked(Template template, WholeCheck check) {
        PropertyCheck.all(FrameSettings.all(), template.frame(), template.name());
        Declared.check(template.options(), template.name(), Set.of());
        return WholeCheck.sections(template);
    }

    @Override
    String note(Template template) {
        String purpose = template.purpose().title();
        return template.note().isEmpty() ? purpose : purpose + ": " + template.note();
    }

    @Override
    List<String> tells(@Nullable Template live, Template working, Between between) {
        long pages = reach(working, between.working()).count();
        return List.of((live == null ? "New; " : "Changed; ") + Words.count(pages, "page follows", "pages follow"));
    }

    @Override
    Stream<String> needs(Template template, Between between) {
        return between.missing(PageFacts.of(template.fixed()));
    }

    @Override
    boolean isShapedAlike(Template was, Edition before, Template is, Edition after) {
        return was.name().equals(is.name())
                && was.note().equals(is.note())
                && was.purpose() == is.purpose()
                && was.retired() == is.retired()
                && was.starters().size() == is.starters().size()
                && was.toFill() == is.toFill()
                && Asks.of(was.starters()).equals(Asks.of(is.starters()))
                && Glyph.of(was).equals(Glyph.of(is));
    }

    @Override
    ReachedPages reach(Template template, Edition edition) {
        return ReachedPages.listed(ReachedPages.wearing(edition, template.id()).toList());
    }
}
