package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.page.Page;
import venue.core.model.section.Origin;
import venue.core.model.section.Sectioned;

/** Makes what a page has in a copy the template's or pattern's own. Other pages keep theirs until it is rolled out. */
@JsonTypeName("give-to-origin")
record GiveToOrigin(String page, String section) implements SectionCommand {

    @Override
    public Change on(Desk desk) {
        Page target = desk.edition().require(Page.class, page);
        FollowAgain.Source source = FollowAgain.Source.of(desk, target, section);
        Sectioned taught = source.item()
                .withBody(source.item().body().change(source.origin().section(), s -> s.withContentOf(source.copy())));
        Origin taken = new Origin(
                taught.id(), source.origin().section(), desk.archive().hashOf(taught));
        Page follows = target.withZones(target.zones().change(section, s -> s.withOrigin(taken)));
        return new Change(
                "make " + source.copy().name() + " of " + target.title() + " the one of " + taught.name(),
                List.of(taught, follows),
                List.of());
    }
}
