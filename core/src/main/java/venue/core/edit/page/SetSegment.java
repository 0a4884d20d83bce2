package venue.core.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.ForEditors;
import venue.core.edition.Segments;
import venue.core.page.Page;
import venue.core.page.Segment;

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
