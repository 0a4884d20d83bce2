package venue.core.edition.usage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Differing;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.property.Choice;
import venue.core.model.property.PictureSlot;
import venue.core.model.property.Property;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;
import venue.core.model.section.Sectioned;

/** Where a picture stands in one item. */
record MediaSearch(Edition edition, String media, Sectioned item) {

    Stream<MediaStand> all() {
        List<MediaStand> found = new ArrayList<>();
        edition.page(item.id()).ifPresent(page -> {
            in(Differing.NAMING, page.settings(), "", found);
            in(edition.kindOf(page).map(Kind::fields).orElse(List.of()), page.fields(), "", found);
        });
        item.body().all().forEach(s -> section(s, found));
        return found.stream();
    }

    private void section(Section section, List<MediaStand> found) {
        in(SectionSettings.all(), section.settings(), section.name(), found);
        section.elements()
                .forEach(e ->
                        Elements.find(e.kind()).ifPresent(k -> in(k.properties(), e.props(), section.name(), found)));
    }

    private void in(List<Property> declared, Map<String, Value> values, String where, List<MediaStand> found) {
        for (Property property : declared) {
            Value value = values.get(property.key());
            if (value instanceof Value.Text text && text.text().equals(media) && property.slot() != null) {
                String label = where.isEmpty() ? property.label() : property.label() + " in " + where;
                found.add(new MediaStand(
                        item.id(), ((Item) item).name(), label, shape(declared, values, property.slot())));
            } else if (value instanceof Value.Many many) {
                many.groups().forEach(g -> in(property.entries(), g, where, found));
            }
        }
    }

    private static String shape(List<Property> declared, Map<String, Value> values, PictureSlot slot) {
        Optional<Property> choice =
                declared.stream().filter(p -> p.key().equals(slot.shapeFrom())).findFirst();
        String chosen = choice.map(c -> Values.text(values, c.key())).orElse("");
        return choice.stream()
                .flatMap(c -> c.choices().stream().skip(1))
                .filter(c -> c.value().equals(chosen))
                .map(Choice::label)
                .findFirst()
                .orElse(slot.shape());
    }
}
