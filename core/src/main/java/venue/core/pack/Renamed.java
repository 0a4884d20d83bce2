package venue.core.pack;

import org.jspecify.annotations.Nullable;
import venue.core.entry.Entry;
import venue.core.item.Item;
import venue.core.kind.Kind;
import venue.core.media.Media;
import venue.core.page.Page;
import venue.core.pattern.Pattern;
import venue.core.section.SharedSection;
import venue.core.template.Template;
import venue.core.theme.Look;

/** The name of an item that comes beside one of the same name. */
final class Renamed {

    private static final String SECOND = " (2)";

    private Renamed() {}

    /** Whether an item can stand beside another that is like it; there is one site, and one menu in each place. */
    static boolean canBe(Item item) {
        return named(item, item.name()) != null;
    }

    static Item second(Item item) {
        String name = item.name();
        int room = Page.LONGEST_TITLE - SECOND.length();
        Item renamed = named(item, (name.length() > room ? name.substring(0, room) : name) + SECOND);
        return renamed == null ? item : renamed;
    }

    private static @Nullable Item named(Item item, String name) {
        if (item instanceof Page page) {
            return page.withTitle(name);
        } else if (item instanceof Template template) {
            return template.withName(name, template.note());
        } else if (item instanceof Kind kind) {
            return kind.withName(name, kind.note());
        } else if (item instanceof Pattern p) {
            return p.described(name, p.group(), p.note());
        } else if (item instanceof Look look) {
            return new Look(look.id(), name, look.settings());
        } else if (item instanceof SharedSection shared) {
            return new SharedSection(shared.id(), shared.section().withName(name));
        } else if (item instanceof Entry entry) {
            return entry.withName(name);
        }
        return item instanceof Media media ? media.withPlace(name, media.folder()) : null;
    }
}
