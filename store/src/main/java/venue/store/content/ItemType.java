package venue.store.content;

import java.util.Arrays;
import venue.core.entry.Entry;
import venue.core.item.Item;
import venue.core.kind.Kind;
import venue.core.media.Media;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.pattern.Pattern;
import venue.core.redirect.Redirect;
import venue.core.section.SharedSection;
import venue.core.site.Site;
import venue.core.template.Template;
import venue.core.theme.Theme;

/** The types of item that are kept, each with its record. */
enum ItemType {
    SITE(Site.class),
    KIND(Kind.class),
    TEMPLATE(Template.class),
    PATTERN(Pattern.class),
    PAGE(Page.class),
    ENTRY(Entry.class),
    SHARED(SharedSection.class),
    MENU(Menu.class),
    THEME(Theme.class),
    MEDIA(Media.class),
    REDIRECT(Redirect.class);

    private final Class<? extends Item> record;

    ItemType(Class<? extends Item> record) {
        this.record = record;
    }

    Class<? extends Item> record() {
        return record;
    }

    static ItemType of(Item item) {
        return Arrays.stream(values())
                .filter(t -> t.record.isInstance(item))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no type for " + item.getClass()));
    }
}
