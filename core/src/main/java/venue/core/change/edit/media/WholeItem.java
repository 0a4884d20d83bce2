package venue.core.change.edit.media;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.text.Letters;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.change.edit.kind.Declared;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.kind.KindSettings;
import venue.core.model.media.Media;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.page.Segment;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.section.Zones;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;
import venue.core.model.template.FrameSettings;
import venue.core.model.template.Template;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/** Holds a whole item against the declarations that hold what is written by hand; gives it as it would be kept. */
final class WholeItem {

    private static final int LONGEST_NAME = 200;
    private static final Set<String> FORMATS =
            Set.of("jpg", "png", "svg", "mp4", "webm", "mp3", "ogg", "m4a", "wav", "pdf", "csv", "txt", "woff2");

    private final Edition then;

    /** @param then the site as it would be with all that is taken in */
    WholeItem(Edition then) {
        this.then = then;
    }

    Item checked(Item item) {
        words(item, item.name());
        if (item instanceof Page page) {
            return sections(page(page));
        } else if (item instanceof Template template) {
            PropertyCheck.all(FrameSettings.all(), template.frame(), template.name());
            Declared.check(template.options(), template.name(), Set.of());
            return sections(template);
        } else if (item instanceof Sectioned sectioned) {
            return sections(sectioned);
        } else if (item instanceof Look look) {
            return new Look(
                    look.id(), look.name(), PropertyCheck.all(ThemeSettings.all(), look.settings(), look.name()));
        } else if (item instanceof Kind kind) {
            return kind(kind);
        } else if (item instanceof Entry e) {
            return new Entry(e.id(), e.name(), e.kind(), e.position(), fields(e.kind(), e.fields(), e.name()));
        }
        return others(item);
    }

    private Item others(Item item) {
        if (item instanceof Site site) {
            PropertyCheck.all(SiteFacts.all(), site.facts(), "facts");
        } else if (item instanceof Menu menu) {
            menu.all().map(Line::label).forEach(label -> words(menu, label == null ? "" : label));
        } else if (item instanceof Media media) {
            file(media);
        } else if (item instanceof Redirect redirect
                && (!redirect.from().startsWith("/") || !redirect.id().equals(Redirect.idOf(redirect.from())))) {
            throw wrong(item, "it leads from nowhere");
        }
        return item;
    }

    private static Sectioned sections(Sectioned sectioned) {
        Set<String> ids = new HashSet<>();
        Map<String, List<Section>> zones = new TreeMap<>();
        sectioned.body().byKey().forEach((zone, sections) -> {
            if (!sections.stream().allMatch(s -> ids.add(s.id()))) {
                throw wrong(sectioned, "two of its sections have the same id");
            }
            zones.put(zone, sections.stream().map(Elements::check).toList());
        });
        return sectioned.withBody(new Zones(zones));
    }

    private Page page(Page page) {
        Segment.check(page.segment());
        Page.checkTitle(page.title());
        settings(page);
        Page checked = page;
        for (Map.Entry<String, Value> field :
                fields(page.kind(), page.fields(), page.title()).entrySet()) {
            checked = checked.withField(field.getKey(), field.getValue());
        }
        return checked.withTemplate(
                page.template(),
                page.zones(),
                page.shelf().stream().map(Elements::check).toList());
    }

    /** Options are held against the template that the page wears; what it chose in another waits, and may be anything. */
    private void settings(Page page) {
        Map<String, Value> general = new HashMap<>(page.settings());
        general.keySet().removeIf(key -> key.startsWith(Template.OPTION) || key.startsWith(Differing.PREFIX));
        PropertyCheck.all(ThemeSettings.all(), Differing.of(page), page.title());
        PropertyCheck.all(PageSettings.all(), general, page.title());
        for (Property option : then.worn(page).template().options()) {
            Value chosen = page.settings().get(Template.OPTION + option.key());
            if (chosen != null) {
                PropertyCheck.one(option, chosen, page.title() + "." + Template.OPTION + option.key());
            }
        }
    }

    /** What a kind declares; what another one did is kept, and may be anything. */
    private Map<String, Value> fields(String kind, Map<String, Value> values, String name) {
        Map<String, Value> checked = new TreeMap<>(values);
        for (Property field : then.find(Kind.class, kind).map(Kind::fields).orElse(List.of())) {
            Value value = values.get(field.key());
            if (value != null) {
                checked.put(field.key(), PropertyCheck.one(field, value, name + "." + field.key()));
            }
        }
        return checked;
    }

    private static Kind kind(Kind kind) {
        Declared.check(kind.fields(), kind.name(), Set.of());
        Declared.check(kind.putAway(), kind.name(), Set.of());
        PropertyCheck.all(KindSettings.all(), kind.settings(), kind.name());
        return kind;
    }

    private static void file(Media media) {
        boolean isPicture = media.isPicture();
        boolean sound = media.file().matches("[0-9a-f]{64}")
                && FORMATS.contains(media.format())
                && media.widths().size() <= 8
                && media.format().equals("woff2") == (media.font() != null)
                && isPicture == !media.widths().isEmpty()
                && (media.earlier().isEmpty() || media.canKeepEarlier())
                && media.earlier().stream()
                        .allMatch(e -> e.file().matches("[0-9a-f]{64}") && FORMATS.contains(e.format()))
                && media.widths().stream().allMatch(w -> w > 0 && w <= media.width());
        if (!sound || media.cut() != null && !media.cut().file().matches("[0-9a-f]{64}")) {
            throw wrong(media, "its file is described in a way that none can be");
        }
        words(media, media.alt() == null ? "" : media.alt());
        media.altIn().values().forEach(alt -> words(media, alt));
    }

    private static void words(Item item, String words) {
        int most = item instanceof Media ? 1000 : LONGEST_NAME;
        if (words.length() > most || !words.equals(Letters.clean(words))) {
            throw wrong(item, "a name or a line of it is too long, or holds signs that can't be written");
        }
    }

    private static Refusal wrong(Item item, String why) {
        String name = item.name();
        return Refusal.badInput(
                "bad-item",
                item.id(),
                "“" + name.substring(0, Math.min(60, name.length())) + "” can't be taken in: " + why + ".",
                "Mend it where it comes from.");
    }
}
