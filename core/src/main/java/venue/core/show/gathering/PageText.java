package venue.core.show.gathering;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.GateSettings;
import venue.core.model.gate.Visitor;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Element;
import venue.core.model.section.Section;

/**
 * What of a page is searched, each part weighed otherwise: what it says itself, and what the sections say that it shares with others.
 * What a listing gathers is said where it is at home, and what is not shown to every reader is not searched.
 */
public record PageText(String title, String topics, String headings, String words) {

    /** @param reader one of those by whom it is found */
    public static PageText of(Edition edition, Page page, Visitor reader) {
        List<String> headings = new ArrayList<>();
        List<String> words = new ArrayList<>();
        collect(edition.kindOf(page).map(Kind::fields).orElse(List.of()), page.fields(), words);
        page.zones()
                .all()
                .map(edition::shown)
                .filter(s -> GateSettings.shownTo(s.settings()).holds(reader))
                .flatMap(Section::elements)
                .forEach(e -> collect(e, Elements.is(e, ElementKind::isHeading) ? headings : words));
        String topics = Topics.of(edition, page).stream()
                .filter(t -> Gates.of(edition).opens(t, reader))
                .map(Page::title)
                .collect(Collectors.joining(", "));
        return new PageText(page.title(), topics, said(" · ", headings), said(" ", words));
    }

    /** What is said twice, as a summary that the page shows, is read once. */
    private static String said(String between, List<String> all) {
        return all.stream().distinct().collect(Collectors.joining(between));
    }

    private static void collect(Element element, List<String> said) {
        Elements.find(element.kind())
                .filter(ElementKind::isSearched)
                .ifPresent(kind -> collect(kind.properties(), element.props(), said));
    }

    private static void collect(List<Property> declared, Map<String, Value> values, List<String> said) {
        for (Property property : declared) {
            Value value = values.get(property.key());
            if (value instanceof Value.Many many) {
                many.groups().forEach(g -> collect(property.entries(), g, said));
            } else if (value instanceof Value.Text text && isSaid(property)) {
                said.add(property.type() == PropertyType.RICH ? Words.of(text.text()) : text.text());
            }
        }
    }

    /** An e-mail address is looked for, too; code of several lines is not. */
    private static boolean isSaid(Property property) {
        return property.holdsWords() || property.type() == PropertyType.WORDS;
    }
}
