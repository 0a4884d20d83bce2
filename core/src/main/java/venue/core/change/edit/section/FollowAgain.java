package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Optional;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.model.page.Page;
import venue.core.model.section.Origin;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;

/** Gives up what was changed in a copy: it is as its template or pattern has it now, and follows it again. */
@JsonTypeName("follow-again")
record FollowAgain(String page, String section) implements SectionCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Page target = desk.edition().require(Page.class, page);
        Source source = Source.of(desk, target, section);
        Origin taken = new Origin(
                source.item().id(),
                source.origin().section(),
                desk.hashOf().apply(source.item().id()));
        Section then = source.copy().withContentOf(source.there()).withOrigin(taken);
        return Change.of(
                "follow " + source.item().name() + " again in " + then.name(),
                target.withZones(target.zones().change(section, s -> then)));
    }

    /** A copy on a page, and where it comes from. */
    record Source(Section copy, Origin origin, Sectioned item, Section there) {

        static Source of(Desk desk, Page page, String section) {
            Section copy = page.zones().require(section).section();
            Origin origin = copy.origin();
            Optional<Item> item = desk.edition().find(origin == null ? "" : origin.item());
            if (origin != null && item.isPresent() && item.get() instanceof Sectioned from) {
                Optional<Section> there = from.body()
                        .all()
                        .filter(s -> s.id().equals(origin.section()))
                        .findFirst();
                if (there.isPresent()) {
                    return new Source(copy, origin, from, there.get());
                }
            }
            throw Refusal.conflict(
                    "no-origin",
                    "section",
                    "“" + copy.name() + "” has no template or pattern to follow; it is the page's own.",
                    "Where it came from may have been removed since. Write in it as it is.");
        }
    }
}
