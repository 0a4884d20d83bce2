package venue.core.carry.pack;

import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.SharedSection;
import venue.core.model.template.Template;
import venue.core.model.theme.Look;

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
