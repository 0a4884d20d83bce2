package venue.demo;

import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.ReadySite;
import venue.core.model.kind.BeneathRule;
import venue.core.model.kind.Kind;
import venue.core.model.kind.Placement;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** The kinds of page that an observatory needs beside the usual ones. */
final class DemoKinds {

    private DemoKinds() {}

    /** The usual kinds: they wear the observatory's own templates where it has one of the same name. */
    static List<Kind> usual() {
        return ReadySite.kinds().stream()
                .map(k -> k.isOfTopics() ? k.withPlacement(beneath("topics")) : k)
                .map(k -> k.withTemplates(
                        k.template(),
                        Stream.concat(
                                        k.templates().stream().map(DemoTemplates::here),
                                        k.id().equals("landing-page") ? Stream.of("listing") : Stream.empty())
                                .toList()))
                .toList();
    }

    static List<Kind> all() {
        return List.of(
                article(),
                kind(
                        "instrument",
                        "Instrument",
                        "a telescope and its facts",
                        "instrument-layout",
                        "instruments",
                        instrument()),
                kind(
                                "open-night",
                                "Open night",
                                "date, meeting place, guide",
                                "article-layout",
                                "open-nights",
                                openNight())
                        .withTemplates("article-layout", List.of("article-layout", "event-layout", "plain"))
                        .with("meaning", Value.of("event")),
                person(),
                DemoShelf.kind(),
                pageless(
                        "sponsor",
                        "Sponsor",
                        "those who pay for glass and bearings",
                        of("gives", "Gives", PropertyType.WORDS).listed(),
                        number("since", "Since", 1950, 2100, 2026, "")
                                .withoutFallback()
                                .listed()),
                pageless(
                        "opening-hours",
                        "Opening hours",
                        "season by season",
                        of("days", "Days", PropertyType.WORDS).listed(),
                        of("dome", "Dome opens", PropertyType.WORDS).listed(),
                        of("room", "Visitor room", PropertyType.WORDS).listed()));
    }

    private static Kind pageless(String id, String name, String note, Property... fields) {
        return Kind.named(id, name, note, List.of(fields)).with("pageless", Value.of(true));
    }

    private static Kind kind(String id, String name, String note, String template, String place, List<Property> more) {
        List<Property> fields =
                new java.util.ArrayList<>(ReadySite.kinds().get(0).fields());
        fields.addAll(more);
        return Kind.named(id, name, note, fields)
                .withTemplates(template, List.of(template, "plain"))
                .withPlacement(beneath(place))
                .with("mayHold", BeneathRule.listed(List.of()));
    }

    private static Kind person() {
        return kind(
                        "person",
                        "Person",
                        "somebody who works here",
                        "person-layout",
                        "people",
                        List.of(
                                of("role", "Role", PropertyType.WORDS).listed(),
                                of("email", "E-mail", PropertyType.WORDS),
                                of("phone", "Telephone", PropertyType.WORDS)))
                .with("meaning", Value.of("person"));
    }

    private static Kind article() {
        List<Property> fields = List.of(date("Published"), of("person", "Written by", PropertyType.PAGE), topics());
        return kind("article", "Article", "news, with a date", "article-layout", "news", fields)
                .withTemplates("article-layout", List.of("article-layout", "story-layout", "plain"))
                .with("meaning", Value.of("article"))
                .with("comments", Value.of("held"))
                .with("commentsDays", Value.of(120L));
    }

    private static Placement beneath(String page) {
        return new Placement(Placement.Where.BENEATH_PAGES, List.of(page));
    }

    private static Property topics() {
        return Property.many("topics", "Topics", of("one", "Topic", PropertyType.TOPIC));
    }

    private static Property date(String label) {
        return of("date", label, PropertyType.DATE);
    }

    private static List<Property> instrument() {
        return List.of(
                Property.number("aperture", "Aperture", 10, 5000, 100, "mm").listed(),
                Property.number("focal", "Focal length", 50, 20000, 1000, "mm").listed(),
                of("built", "Built", PropertyType.WORDS).listed(),
                of("best", "Best for", PropertyType.WORDS).listed());
    }

    private static List<Property> openNight() {
        return List.of(
                of("date", "When", PropertyType.DATE_TIME).listed(),
                of("meet", "Where we meet", PropertyType.WORDS).listed(),
                of("guide", "Guide", PropertyType.WORDS).listed(),
                Property.number("places", "Places", 1, 200, 40, "people").listed());
    }
}
