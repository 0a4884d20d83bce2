package venue.core.readymade;

import static venue.core.readymade.Compose.bound;
import static venue.core.readymade.Compose.column;
import static venue.core.readymade.Compose.columns;
import static venue.core.readymade.Compose.facts;
import static venue.core.readymade.Compose.fill;
import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.image;
import static venue.core.readymade.Compose.lead;
import static venue.core.readymade.Compose.list;
import static venue.core.readymade.Compose.part;
import static venue.core.readymade.Compose.questionsToFill;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.strongButton;
import static venue.core.readymade.Compose.text;
import static venue.core.readymade.Compose.toned;
import static venue.core.readymade.TemplateParts.fixed;
import static venue.core.readymade.TemplateParts.foot;
import static venue.core.readymade.TemplateParts.main;
import static venue.core.readymade.TemplateParts.of;
import static venue.core.readymade.TemplateParts.side;
import static venue.core.readymade.TemplateParts.sideLeft;
import static venue.core.readymade.TemplateParts.starter;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.readymade.Compose.Part;
import venue.core.template.Template;
import venue.core.template.Zone;
import venue.core.template.ZoneRole;
import venue.core.value.Value;

/** Templates for pages with one purpose: an article, a person, a list of documents. */
final class PurposeTemplates {

    private PurposeTemplates() {}

    static Stream<Template> all() {
        return Stream.of(article(), listing(), person(), entry(), documents(), contact(), help(), notFound());
    }

    private static Template article() {
        return of(
                "article-layout",
                "Article",
                "Words with their date and picture beside them",
                "words",
                main(starter(
                        section("s1", "Words", lead(fill("What happened, in one sentence")), text(fill("The story"))))),
                side(fixed(section("f1", "Facts", pictureOfPage(), facts()))));
    }

    private static Part pictureOfPage() {
        return image(bound("page.picture")).with("shape", "classic");
    }

    private static Template listing() {
        return of(
                "listing-layout",
                "Listing",
                "A lead, then pages of one kind",
                "words",
                main(
                        starter(section("s1", "Lead", lead(fill("What is listed here")))),
                        starter(section("s2", "List", Compose.listing("standard", "all", "title", 12, "cards")))));
    }

    private static Template person() {
        return of(
                "person-layout",
                "Person",
                "A portrait and facts, then their story",
                "words",
                new Zone(
                        "top",
                        "Portrait and facts",
                        ZoneRole.TOP,
                        List.of(fixed(columns(
                                "f1",
                                "Portrait and facts",
                                column(4, image(bound("page.picture")).with("shape", "round")),
                                column(8, lead(bound("page.summary")), facts()))))),
                main(starter(section("s1", "Story", text(fill("What they do here, and how they came to it"))))));
    }

    private static Template entry() {
        return of(
                "entry-layout",
                "Entry with pictures",
                "Facts beside a large picture, then more pictures",
                "none",
                new Zone(
                        "top",
                        "Picture and facts",
                        ZoneRole.TOP,
                        List.of(fixed(columns(
                                "f1",
                                "Picture and facts",
                                column(8, pictureOfPage()),
                                column(4, heading(bound("page.title")), lead(bound("page.summary")), facts()))))),
                main(
                        starter(section("s1", "About it", text(fill("What is worth knowing about it")))),
                        starter(section(
                                "s2",
                                "Pictures",
                                part("pictures")
                                        .with(
                                                "pictures",
                                                list(
                                                        Map.of("picture", fill("A picture")),
                                                        Map.of("picture", fill("Another"))))))));
    }

    private static Template documents() {
        return of(
                "documents-layout",
                "Documents",
                "What they are, then the files of a folder",
                "words",
                sideLeft(fixed(section("f1", "On this page", part("contents")))),
                main(
                        starter(section("s1", "Lead", lead(fill("What these documents are, and for whom")))),
                        starter(section("s2", "Documents", heading(fill("A heading")), part("documents")))));
    }

    private static Template contact() {
        return of(
                "contact-layout",
                "Contact",
                "How to reach you, beside the words",
                "words",
                main(starter(columns(
                        "s1",
                        "How to reach us",
                        column(
                                7,
                                lead(fill("Whom people reach, and when they hear back")),
                                text(fill("More about it"))),
                        column(5, part("contact"), part("hours"), part("social"))))));
    }

    private static Template help() {
        return of(
                "help-layout",
                "Help",
                "Questions and answers, and where to ask",
                "words",
                main(
                        starter(section("s1", "Lead", lead(fill("What people find answered here")))),
                        starter(section("s2", "Questions", questionsToFill(4)))),
                foot(fixed(toned(
                        "tinted",
                        columns(
                                "f1",
                                "Still asking",
                                column(7, heading("Not answered here?")),
                                column(5, part("contact")))))));
    }

    private static Template notFound() {
        return of(
                Template.NOT_FOUND,
                "Not found",
                "What visitors get where there is no page",
                "words",
                main(),
                foot(fixed(section("f1", "A way on", strongButton(Value.of("To the front page"), "/")))));
    }
}
