package venue.core.change.edit.value;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.WritesIn;
import venue.core.edition.usage.Apart;
import venue.core.model.page.Page;

/** Lets all that looks otherwise in a section of a page look as the theme has it. */
@JsonTypeName("as-theme")
record AsTheme(String item, String section) implements ValueCommand, WritesIn {

    @Override
    public Change on(Desk desk) {
        Page page = desk.edition().require(Page.class, item);
        String name = page.body().require(section).section().name();
        return Change.of(name + " as the theme", page.withBody(page.body().change(section, Apart::asTheme)));
    }
}
