package venue.core.edition.edition;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.model.entry.Entry;
import venue.core.model.form.Form;
import venue.core.model.gate.Group;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.template.Template;
import venue.core.model.theme.Look;

/** The sorts of item, each with its record, in the order in which people are told of them. */
public enum ItemSort {
    SITE(Site.class),
    PAGE(Page.class),
    ENTRY(Entry.class),
    FORM(Form.class),
    MENU(Menu.class),
    GROUP(Group.class),
    /** Kept under this name since before looks were many. */
    THEME(Look.class, "look"),
    TEMPLATE(Template.class),
    KIND(Kind.class),
    PATTERN(Pattern.class),
    SHARED(SharedSection.class, "shared section"),
    MEDIA(Media.class),
    REDIRECT(Redirect.class);

    private final Class<? extends Item> record;
    private final String noun;

    ItemSort(Class<? extends Item> record) {
        this.record = record;
        noun = name().toLowerCase(Locale.ROOT);
    }

    ItemSort(Class<? extends Item> record, String noun) {
        this.record = record;
        this.noun = noun;
    }

    public Class<? extends Item> record() {
        return record;
    }

    /** What people call one of them, within a sentence. */
    public String noun() {
        return noun;
    }

    public static ItemSort of(Item item) {
        return find(item.getClass()).orElseThrow(() -> new IllegalArgumentException("no sort for " + item.getClass()));
    }

    /** What people call an item of a class, which may be one that several sorts have in common. */
    public static String nounOf(Class<? extends Item> type) {
        return find(type).map(ItemSort::noun).orElse("item");
    }

    private static Optional<ItemSort> find(Class<?> type) {
        return Arrays.stream(values()).filter(s -> s.record == type).findFirst();
    }
}
