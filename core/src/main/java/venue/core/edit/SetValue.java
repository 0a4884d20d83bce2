package venue.core.edit;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import venue.core.edition.Edition;
import venue.core.element.Elements;
import venue.core.fault.Refusal;
import venue.core.item.Item;
import venue.core.kind.Kind;
import venue.core.kind.KindSettings;
import venue.core.link.Link;
import venue.core.media.Media;
import venue.core.page.Page;
import venue.core.page.PageSettings;
import venue.core.property.Property;
import venue.core.property.PropertyCheck;
import venue.core.property.PropertyType;
import venue.core.section.Element;
import venue.core.section.Section;
import venue.core.section.SectionSettings;
import venue.core.section.Sectioned;
import venue.core.site.Site;
import venue.core.site.SiteFacts;
import venue.core.template.FrameSettings;
import venue.core.template.Template;
import venue.core.text.Words;
import venue.core.theme.Theme;
import venue.core.theme.ThemeSettings;
import venue.core.value.Value;

/**
 * Sets one declared property: of an element, of a section, of a page (its settings, its kind's fields, its template's
 * options), of a template's frame, of a kind, of a theme, or a fact of the site.
 *
 * @param value absent to reset to what is inherited
 */
public record SetValue(
        String item,
        @Nullable String section,
        @Nullable String element,
        String key,
        @Nullable Value value) implements WritesIn {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Item found = edition.find(item).orElseThrow(() -> Refusal.unknown("item", item));
        if (section != null && found instanceof Sectioned sectioned) {
            return onSection(edition, sectioned, section);
        }
        if (found instanceof Page page) {
            return onPage(edition, page);
        }
        if (found instanceof Template template) {
            Property part = PropertyCheck.require(FrameSettings.all(), key, key);
            return Change.of(
                    lower(part) + " of the template " + template.name(),
                    template.withFrame(key, checked(edition, part)));
        }
        if (found instanceof Kind kind) {
            Property setting = PropertyCheck.require(KindSettings.all(), key, key);
            if (key.equals("pageless")) {
                requireUnused(edition, kind);
            }
            return Change.of(lower(setting) + " of the kind " + kind.name(), kind.with(key, checked(edition, setting)));
        }
        if (found instanceof Theme theme) {
            Property setting = ThemeSettings.require(key);
            return Change.of(
                    lower(setting) + " of the look " + theme.name(), theme.with(key, checked(edition, setting)));
        }
        if (found instanceof Site site) {
            Property fact = PropertyCheck.require(SiteFacts.all(), key, key);
            return Change.of(lower(fact) + " of the site", site.withFact(key, checked(edition, fact)));
        }
        throw Refusal.badInput(
                "nothing-to-set", "item", "“" + found.name() + "” has no such property.", "Choose a page or a look.");
    }

    private static void requireUnused(Edition edition, Kind kind) {
        int pages = edition.plan().ofKind(kind.id()).size();
        int entries = edition.entries(kind.id()).size();
        if (pages + entries > 0) {
            throw Refusal.conflict(
                    "kind-in-use",
                    "pageless",
                    kind.name() + " has "
                            + (pages > 0 ? Words.count(pages, "page") : Words.count(entries, "entry", "entries"))
                            + ": it stays as it is.",
                    "Make another kind for what is to be kept the other way.");
        }
    }

    private Change onPage(Edition edition, Page page) {
        boolean general = PageSettings.all().stream().anyMatch(p -> p.key().equals(key));
        if (general) {
            Property setting = PropertyCheck.require(PageSettings.all(), key, key);
            return Change.of(lower(setting) + " of " + page.title(), page.withSetting(key, checked(edition, setting)));
        }
        if (key.startsWith(Template.OPTION)) {
            Template worn = edition.worn(page).template();
            Property option = PropertyCheck.require(worn.options(), key.substring(Template.OPTION.length()), key);
            return Change.of(lower(option) + " of " + page.title(), page.withSetting(key, checked(edition, option)));
        }
        Kind kind = edition.require(Kind.class, page.kind());
        Property field = PropertyCheck.require(kind.fields(), key, key);
        return Change.of(lower(field) + " of " + page.title(), page.withField(key, checked(edition, field)));
    }

    private Change onSection(Edition edition, Sectioned target, String sectionId) {
        Section at = target.body().require(sectionId).section();
        if (element == null) {
            Property setting = PropertyCheck.require(SectionSettings.all(), key, key);
            Value checked = checked(edition, setting);
            return Change.of(
                    lower(setting) + " of " + at.name(),
                    target.withBody(target.body().change(sectionId, s -> s.with(key, checked))));
        }
        Element found = at.element(element).orElseThrow(() -> Refusal.unknown("element", element));
        Property property =
                PropertyCheck.require(Elements.require(found.kind()).properties(), key, found.kind() + "." + key);
        Value checked = checked(edition, property);
        return Change.of(
                lower(property) + " in " + at.name(),
                target.withBody(target.body()
                        .change(
                                sectionId,
                                s -> s.mapElements(e -> e.id().equals(element) ? e.with(key, checked) : e))));
    }

    private @Nullable Value checked(Edition edition, Property property) {
        if (value == null) {
            return null;
        }
        Value clean = PropertyCheck.one(property, value, key);
        if (clean instanceof Value.Text text && !text.text().isEmpty()) {
            if (property.type() == PropertyType.PICTURE) {
                edition.require(Media.class, text.text());
            }
            if (property.type() == PropertyType.LINK) {
                new Link(text.text()).pageId().ifPresent(id -> edition.require(Page.class, id));
            }
            if (property.type() == PropertyType.KIND) {
                edition.require(Kind.class, text.text());
            }
        }
        return clean;
    }

    private static String lower(Property property) {
        return property.label().toLowerCase(Locale.ROOT);
    }
}
