package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.edition.edition.Segments;
import venue.core.model.page.Page;
import venue.core.model.page.Segment;

/** Changes the last part of a page's address. The old one redirects from the release on. */
@JsonTypeName("set-segment")
record SetSegment(String page, String segment) implements PageCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Page before = desk.edition().require(Page.class, page);
        Segment.check(segment);
        Segments.requireFree(desk.edition(), before.parent(), segment, page);
        return Change.of("address of " + before.title(), before.withSegment(segment));
    }
}
