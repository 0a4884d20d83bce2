package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.edition.edition.Segments;
import venue.core.model.page.Page;
import venue.core.model.page.Segment;

/** Renames a page. The address of a draft follows its title as long as nobody chose it; a released one stays. */
@JsonTypeName("set-title")
record SetTitle(String page, String title) implements PageCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Page before = desk.edition().require(Page.class, page);
        Page after = before.withTitle(Page.checkTitle(title));
        boolean released = desk.live().page(page).isPresent();
        String auto = Segments.free(desk.edition(), before.parent(), Segment.fromTitle(before.title()), page);
        if (!released && before.segment().equals(auto)) {
            after = after.withSegment(
                    Segments.free(desk.edition(), before.parent(), Segment.fromTitle(after.title()), page));
        }
        return Change.of("title of " + before.title(), after);
    }
}
