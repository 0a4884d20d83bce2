package venue.server.mail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.ArgumentMatchers.isNull;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.basics.value.Value;
import venue.core.body.form.Filling;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.show.render.View;
import venue.demo.KestrelMoor;
import venue.server.filling.AnswerWords;
import venue.server.filling.FormFacts;
import venue.store.answer.Answer;

/** Letters about what visitors sent: to whom they go, what they say, and that nothing of it gets into their heads. */
class FormMailTest {

    private static final Edition MOOR = Edition.of(KestrelMoor.items(LocalDate.parse("2026-11-30")));
    private static final View VIEW = View.of(MOOR, Instant.EPOCH, "http://moor.example", View.Mode.VISITOR);

    private final Post post = mock(Post.class);
    private final FormFacts facts = mock(FormFacts.class);
    private final FormMail mail = new FormMail(post, facts);
    private Form form = MOOR.require(Form.class, "booking-form");

    @BeforeEach
    void token() {
        when(facts.token(any())).thenReturn("abc.seal");
    }

    private static Answer answer(String email, @Nullable String apart, Answer.@Nullable Place place) {
        return answer(email, apart, place, null);
    }

    private static Answer answer(
            String email, @Nullable String apart, Answer.@Nullable Place place, Answer.@Nullable OnPage onPage) {
        return new Answer(
                new AnswerId("abc"),
                new SiteId("kestrel-moor"),
                "booking-form",
                7,
                "2026-11-30T12:00:00Z",
                "2027-11-30T12:00:00Z",
                "Ada",
                email,
                null,
                "book",
                List.of(
                        new Filling.Said("night", "Which night?", "pick", "saturn", "Saturn’s late show"),
                        new Filling.Said("know", "What should we know?", "lines", "a\nb", "a\nb")),
                new Answer.Done("new", apart, null, ""),
                place,
                onPage);
    }

    private static Answer.Place place(Answer.Stands stands, int people, int line) {
        return new Answer.Place("saturn", people, stands, false, line);
    }

    private Letter sentTo(String address, @Nullable String reply) {
        ArgumentCaptor<Letter> letter = ArgumentCaptor.forClass(Letter.class);
        verify(post).tell(eq(address), letter.capture(), reply == null ? isNull() : eq(reply));
        return letter.getValue();
    }

    private void taken(Answer answer) {
        mail.taken(VIEW, form, answer, AnswerWords.told(answer));
    }

    @Test
    void whoeverSentItIsToldHowTheyStandAndWhereToGiveItBack() {
        taken(answer("ada@moor.example", null, place(Answer.Stands.WAITS, 2, 3)));
        Letter letter = sentTo("ada@moor.example", null);
        assertThat(letter.subject()).isEqualTo("Book a place · Kestrel Moor Observatory");
        assertThat(letter.paragraphs().get(0)).startsWith("Thank you for booking.");
        assertThat(letter.paragraphs())
                .anyMatch(p -> p.contains("You are number 3 in line"))
                .contains("Which night?: Saturn’s late show");
        assertThat(letter.link()).isEqualTo("http://moor.example/-/answer?of=abc.seal");
        Letter copy = sentTo("noor@kestrel-moor.example", "ada@moor.example");
        assertThat(copy.link()).isNull();
        assertThat(copy.paragraphs()).noneMatch(p -> p.contains("Thank you"));
    }

    @Test
    void whoeverSaidSomethingIsToldWhetherItStandsAndWhereToChangeIt() {
        taken(answer("ada@moor.example", null, null, new Answer.OnPage(false, null, false, 0)));
        Letter letter = sentTo("ada@moor.example", null);
        assertThat(letter.paragraphs()).contains("It stands here once somebody has let it through.");
        assertThat(letter.link()).isEqualTo("http://moor.example/-/answer?of=abc.seal");
    }

    @Test
    void whatVisitorsWroteIsWordsInTheLetterAndAttacksNothingInIt() {
        String attack = "</p><script>alert(1)</script><img src=x onerror=alert(1)><a href=javascript:alert(1)>x</a>";
        mail.write(VIEW, answer("ada@moor.example", null, null), attack, attack, "maja@kestrel-moor.example");
        ArgumentCaptor<Letter> letter = ArgumentCaptor.forClass(Letter.class);
        verify(post).send(any(), letter.capture(), any());
        Document html = Jsoup.parse(LetterHtml.of(letter.getValue()));
        assertThat(html.select("script, img, a[href^=javascript]")).isEmpty();
        assertThat(html.body().wholeText()).contains(attack);
    }

    @Test
    void whoGaveNoAddressIsToldNothingAndWhatIsSetApartIsToldToNobody() {
        taken(answer("", null, null));
        sentTo("noor@kestrel-moor.example", null);
        taken(answer("bot@prize.example", "It holds 9 links.", null));
        verify(post, never()).tell(eq("bot@prize.example"), any(), any());
        mail.movedUp(VIEW, form, answer("", null, place(Answer.Stands.PLACE, 1, 0)), List.of());
        verify(post, never()).tell(eq(""), any(), any());
    }

    @Test
    void aFormWithoutALetterSendsCopiesAlone() {
        form = form.with("letter", Value.of(false))
                .with("copies", Value.of("noor@kestrel-moor.example\n idris@kestrel-moor.example"));
        taken(answer("ada@moor.example", null, null));
        verify(post, never()).tell(eq("ada@moor.example"), any(), any());
        sentTo("noor@kestrel-moor.example", "ada@moor.example");
        sentTo("idris@kestrel-moor.example", "ada@moor.example");
    }

    @Test
    void whoMovedUpHasPlacesAndWhatIsWrittenByHandStaysOneLineAbove() {
        Answer up = answer("ada@moor.example", null, place(Answer.Stands.PLACE, 1, 0));
        mail.movedUp(VIEW, form, up, AnswerWords.told(up));
        assertThat(sentTo("ada@moor.example", null).paragraphs())
                .containsExactly("You have a place: Saturn’s late show.");
        mail.write(VIEW, up, "Friday\r\nBcc: all@prize.example", "Dear Ada,\n\nIt is on.", "maja@kestrel-moor.example");
        ArgumentCaptor<Letter> letter = ArgumentCaptor.forClass(Letter.class);
        verify(post).send(eq("ada@moor.example"), letter.capture(), eq("maja@kestrel-moor.example"));
        assertThat(letter.getValue().subject()).doesNotContain("\n", "\r").startsWith("Friday");
        assertThat(letter.getValue().paragraphs()).containsExactly("Dear Ada,", "It is on.");
        for (Answer.Stands stands : Answer.Stands.values()) {
            assertThat(AnswerWords.told(answer("", null, place(stands, 4, 1))))
                    .singleElement()
                    .satisfies(m ->
                            assertThat(m.in(p -> p.in("de"))).contains("Saturn").doesNotContain("{"));
        }
    }
}
