package venue.demo;

import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.image;
import static venue.core.carry.compose.Compose.lead;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.questions;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;
import static venue.core.carry.compose.Compose.toned;

import venue.core.basics.value.Value;

/** How to reach the observatory, and what to take outside. */
final class HandyPages {

    private HandyPages() {}

    static PageDraft contact() {
        return new PageDraft("contact-us", "standard", "Contact")
                .wearing("contact-layout")
                .shown("How to reach us, and who answers.", "east-bank")
                .section(columns(
                        "s1",
                        "How to reach us",
                        column(
                                6,
                                lead(
                                        Value.of(
                                                "Noor answers every letter, by hand where it matters. By day the telephone is louder than the wind.")),
                                part("contact")),
                        column(6, image(Value.of("east-bank")).with("shape", "classic"))))
                .section(DemoForms.placed("s4", "Write to us", DemoForms.CONTACT))
                .section(
                        toned(
                                "tinted",
                                columns(
                                        "s2",
                                        "Hours and way",
                                        column(6, heading("When somebody is here"), part("hours")),
                                        column(
                                                6,
                                                heading("How to get here"),
                                                text(
                                                        "<p>At the end of a single-track road, four miles above Ashcombe. <a href=\"page:getting-here\">By bus, by bicycle, by car</a>.</p>")))))
                .section(
                        section(
                                "s3",
                                "Questions",
                                heading("Before you write"),
                                questions(
                                        "Is tonight on?|<p>We decide by four o’clock and say so at the top of every page.</p>",
                                        "May I bring my own telescope?|<p>Yes. Come an hour early and we show you a level spot.</p>")));
    }

    static PageDraft guides() {
        return new PageDraft("guides", "overview", "Observing guides")
                .wearing("documents-layout")
                .shown("Leaflets of one page, to print and take outside.", "moonrise")
                .led("Leaflets of one page each: print them, and read them by a red torch.")
                .section(toned(
                        "tinted",
                        columns(
                                "s2",
                                "Documents",
                                column(
                                        5,
                                        heading("To take outside"),
                                        text(
                                                "<p>Each fits in a pocket and has been tried at minus six. Tell us what is missing.</p>")),
                                column(7, part("documents").with("folder", Value.of(DemoGuides.FOLDER))))))
                .section(columns(
                        "s3",
                        "Whom to ask",
                        column(3, image(Value.of("idris")).with("shape", "round")),
                        column(
                                9,
                                heading("Ask Idris"),
                                text("<p>He wrote them, and knows where the owl sits while you read.</p>"),
                                part("contact"))));
    }
}
