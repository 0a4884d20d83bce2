package venue.demo;

import static venue.core.carry.compose.Compose.bound;
import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.divider;
import static venue.core.carry.compose.Compose.facts;
import static venue.core.carry.compose.Compose.fill;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.image;
import static venue.core.carry.compose.Compose.lead;
import static venue.core.carry.compose.Compose.links;
import static venue.core.carry.compose.Compose.listing;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.quote;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.strongButton;
import static venue.core.carry.compose.Compose.text;
import static venue.core.carry.compose.Compose.toned;
import static venue.core.carry.compose.TemplateParts.band;
import static venue.core.carry.compose.TemplateParts.fixed;
import static venue.core.carry.compose.TemplateParts.foot;
import static venue.core.carry.compose.TemplateParts.main;
import static venue.core.carry.compose.TemplateParts.side;
import static venue.core.carry.compose.TemplateParts.starter;
import static venue.core.model.property.Property.of;

import java.util.ArrayList;
import java.util.List;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.ReadySite;
import venue.core.model.property.PropertyType;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

/** The templates that an observatory needs beside the usual ones. */
final class DemoTemplates {

    private static final String PURPOSE = "purpose";

    private DemoTemplates() {}

    /** The observatory's own, and the ready-made ones beside them. */
    static List<Template> withReadyMade() {
        List<Template> all = new ArrayList<>(own());
        ReadySite.templates().stream()
                .filter(t -> all.stream().noneMatch(own -> own.name().equals(t.name())))
                .map(t -> t.withBody(DemoListings.ofArticles(t.body())))
                .toList()
                .forEach(all::add);
        return all;
    }

    private static List<Template> own() {
        return List.of(
                home().with(PURPOSE, Value.of("begin")),
                article(),
                instrument().with(PURPOSE, Value.of("one")),
                listed().with(PURPOSE, Value.of("list")));
    }

    /** The id here of a ready-made template: that of the observatory's own of its name, where it has one. */
    static String here(String readyMade) {
        return ReadySite.templates().stream()
                .filter(t -> t.id().equals(readyMade))
                .flatMap(t -> own().stream().filter(here -> here.name().equals(t.name())))
                .map(Template::id)
                .findFirst()
                .orElse(readyMade);
    }

    private static Template home() {
        return new Template(
                "home",
                "Home",
                "An opening, then whatever is on",
                band("none"),
                List.of(
                        main(starter(toned(
                                        "deep",
                                        section(
                                                "s1",
                                                "Opening",
                                                heading(fill("Welcome people")).with("size", "display"),
                                                lead(fill("What this place is")),
                                                strongButton(fill("The first thing to do"), "")))
                                .with("space", Value.of("large")))),
                        foot(fixed(toned(
                                "deep",
                                section(
                                                "f1",
                                                "A voice",
                                                quote(
                                                                Value.of(
                                                                        "“I came for the rings of Saturn and stayed for the cocoa. We drove home with the lights off for as long as we dared.”"),
                                                                Value.of("A visitor"))
                                                        .with("role", "open night in March"))
                                        .with("align", Value.of("centre")))))));
    }

    private static Template article() {
        Zone side =
                side(fixed(section("f1", "Facts", image(bound("page.picture")).with("shape", "classic"), facts())));
        return new Template(
                        "article-layout",
                        "Article",
                        "Words with their date and picture beside them",
                        band("words"),
                        List.of(
                                main(starter(section(
                                        "s1",
                                        "Words",
                                        lead(fill("What happened, in one sentence")),
                                        text(fill("The story"))))),
                                side,
                                foot(
                                        fixed(section(
                                                "f3",
                                                "Comments",
                                                part("comments").with("form", DemoForms.COMMENT))),
                                        fixed(toned(
                                                        "tinted",
                                                        section(
                                                                "f2",
                                                                "More news",
                                                                heading("More from the moor"),
                                                                listing("article", "all", "newest", 3, "cards")
                                                                        .with("pictures", Value.of(false))))
                                                .with("option", Value.of("more=yes"))))))
                .withOptions(List.of(
                        of("more", "More news at the foot", PropertyType.YES_NO).fallback(Value.of(true))));
    }

    private static Template instrument() {
        Zone top = new Zone(
                "top",
                "Picture and facts",
                ZoneRole.TOP,
                List.of(fixed(columns(
                        "f1",
                        "Picture and facts",
                        column(6, image(bound("page.picture")).with("shape", "classic")),
                        column(6, divider("short"), lead(bound("page.summary")), facts(), part("rating"))))));
        return new Template(
                "instrument-layout",
                "Instrument",
                "A telescope: its picture and facts, then its story",
                band("words"),
                List.of(
                        top,
                        main(starter(
                                section("s1", "Story", heading(fill("Its story")), text(fill("Where it came from"))))),
                        foot(fixed(toned(
                                "deep",
                                columns(
                                        "f2",
                                        "Looking after her",
                                        column(5, heading("Looking through her")),
                                        column(
                                                7,
                                                text(
                                                        "<p>Every instrument here is open to visitors. Two volunteers of the drive"
                                                                + " crew are on hand, and nobody is hurried off a ladder.</p>"),
                                                links("See the coming open nights|page:open-nights"))))))));
    }

    private static Template listed() {
        return new Template(
                        "listing",
                        "Listing",
                        "A lead, then pages of one kind",
                        band("picture"),
                        List.of(
                                main(
                                        starter(section("s1", "Lead", lead(fill("What is listed here")))),
                                        starter(section(
                                                "s2", "List", listing("article", "all", "newest", 12, "cards")))),
                                foot(fixed(toned(
                                                "tinted",
                                                columns(
                                                        "f1",
                                                        "Booking terms",
                                                        column(
                                                                4,
                                                                heading("Booking")
                                                                        .with("size", "medium")),
                                                        column(
                                                                8,
                                                                text(
                                                                        "<p>Places are kept until ten minutes before the start. If cloud wins, we"
                                                                                + " write by four o’clock and your place moves to the next clear night.</p>"))))
                                        .with("option", Value.of("booking=yes"))))))
                .withOptions(List.of(of("booking", "Booking terms at the foot", PropertyType.YES_NO)
                        .fallback(Value.of(false))));
    }
}
