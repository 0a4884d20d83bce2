package venue.core.change.edit.value;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.References;
import venue.core.change.edit.WritesIn;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.Settable;
import venue.core.model.section.ColumnSettings;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;
import venue.core.model.section.Sectioned;
import venue.core.model.site.Role;
import venue.core.model.template.Template;
import venue.core.model.theme.ThemeSettings;

/**
 * Sets one declared property: of an element, of a column, of a section, of a page (its settings, its kind's fields, its template's
 * options), of a template's frame, of a kind, of a theme, or a fact of the site.
 *
 * @param column the id of the column, where it is one that is set; absent for an element
 * @param value absent to reset to what is inherited
 */
@JsonTypeName("set-value")
record SetValue(
        String item,
        @Nullable String section,
        @Nullable String column,
        @Nullable String element,
        String key,
        @Nullable Value value)
        implements ValueCommand, WritesIn {

    /** Some kinds of element are the managers' own, and so is whatever differs from the theme. */
    @Override
    public Role needs(Edition edition) {
        boolean managersOnly = key.startsWith(Differing.PREFIX)
                || element != null
                        && section != null
                        && edition.page(item)
                                .flatMap(p -> p.zones().find(section))
                                .flatMap(s -> s.section().element(element))
                                .filter(e -> Elements.require(e.kind()).isManagersOnly())
                                .isPresent();
        return managersOnly ? Role.MANAGER : WritesIn.super.needs(edition);
    }

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Item found = edition.find(item).orElseThrow(() -> Refusal.unknown("item", item));
        if (section != null && found instanceof Sectioned sectioned) {
            return onSection(edition, sectioned, section);
        }
        Optional<Page> page = edition.page(item);
        if (page.isPresent()) {
            return onPage(edition, page.get());
        }
        if (found instanceof Settable settable) {
            Property setting = settable.setting(key);
            return Change.of(lower(setting) + " of " + settable.told(), settable.with(key, checked(edition, setting)));
        }
        throw Refusal.badInput(
                "nothing-to-set", "item", "“" + found.name() + "” has no such property.", "Choose a page or a look.");
    }

    private Change onPage(Edition edition, Page page) {
        boolean general = PageSettings.all().stream().anyMatch(p -> p.key().equals(key));
        if (general) {
            Property setting = PropertyCheck.require(PageSettings.all(), key, key);
            return Change.of(lower(setting) + " of " + page.title(), page.withSetting(key, checked(edition, setting)));
        }
        if (key.startsWith(Differing.PREFIX)) {
            Property setting =
                    PropertyCheck.require(ThemeSettings.all(), key.substring(Differing.PREFIX.length()), key);
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
        if (column != null) {
            Property setting = PropertyCheck.require(ColumnSettings.all(), key, key);
            if (at.columns().stream().noneMatch(c -> c.id().equals(column))) {
                throw Refusal.unknown("column", column);
            }
            Value checked = checked(edition, setting);
            return Change.of(
                    lower(setting) + " of a column of " + at.name(),
                    target.withBody(target.body().change(sectionId, s -> s.withColumn(column, key, checked))));
        }
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
        return value == null ? null : References.checked(edition, property, value, key);
    }

    private static String lower(Property property) {
        return property.label().toLowerCase(Locale.ROOT);
    }
}
