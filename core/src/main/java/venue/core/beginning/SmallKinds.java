package venue.core.beginning;

import static venue.core.property.Property.of;

import java.util.ArrayList;
import java.util.List;
import venue.core.kind.BeneathRule;
import venue.core.kind.Kind;
import venue.core.kind.Placement;
import venue.core.property.Property;
import venue.core.property.PropertyType;
import venue.core.readymade.ReadySite;

/** The kinds that a small organisation needs beside the usual ones. */
final class SmallKinds {

    static final String NEWS = "article";
    static final String EVENT = "event";
    static final String PERSON = "person";

    private SmallKinds() {}

    static List<Kind> all() {
        return List.of(
                kind(
                        NEWS,
                        "Article",
                        "news, with a date",
                        "article-layout",
                        "news",
                        of("date", "Published", PropertyType.DATE)),
                kind(
                        EVENT,
                        "Event",
                        "a day and a place",
                        "article-layout",
                        "events",
                        of("date", "When", PropertyType.DATE_TIME).listed(),
                        of("place", "Where", PropertyType.WORDS).listed()),
                kind(
                        PERSON,
                        "Person",
                        "somebody who works here",
                        "person-layout",
                        "people",
                        of("role", "Role", PropertyType.WORDS).listed()));
    }

    private static Kind kind(String id, String name, String note, String template, String place, Property... more) {
        List<Property> fields = new ArrayList<>(List.of(ReadySite.summary(), ReadySite.picture()));
        fields.addAll(List.of(more));
        return Kind.named(id, name, note, fields)
                .withTemplates(template, List.of(template, "plain"))
                .withPlacement(new Placement(Placement.Where.BENEATH_PAGES, List.of(place)))
                .with("mayHold", BeneathRule.listed(List.of()));
    }
}
