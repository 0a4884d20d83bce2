package venue.core.body.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import venue.core.basics.text.Phrase;
import venue.core.body.form.Sending.State;

/** Where a form has come to, and when two sendings say the same. */
class SendingTest {

    private static Filling.Said said(String key, String value) {
        return new Filling.Said(key, "Label of " + key, "words", value, value);
    }

    @Test
    void whatCameOfOneFormIsNothingToAnotherOnTheSamePage() {
        Sending refused = Sending.refused(
                "ask", Map.of("name", List.of("Ada")), Map.of("email", Mistake.of(Phrase.FIELD_MISSING)));
        assertThat(refused.at("ask")).isSameAs(refused);
        assertThat(refused.at("book")).isEqualTo(Sending.NOTHING);
        assertThat(refused.at("book").typed()).isEmpty();
        VisitorFacts facts = VisitorFacts.NONE.at(refused);
        assertThat(facts.sending()).isSameAs(refused);
        assertThat(facts.here()).isTrue();
        assertThat(VisitorFacts.AWAY.at(refused).here()).isFalse();
    }

    @Test
    void whatWasTakenIsToldAndGivenBackByItsTokenAlone() {
        Mistake told = new Mistake(Phrase.HAS_PLACES, List.of("Saturn", "3"));
        Sending sent = Sending.sent("book", State.SENT).telling(List.of(told), "abc.seal");
        assertThat(sent.back()).isEqualTo("abc.seal");
        assertThat(sent.told()).containsExactly(told);
        assertThat(told.in(p -> p.in("en"))).isEqualTo("You have 3 places: Saturn.");
        assertThat(Sending.later("book", Map.of()).state()).isEqualTo(State.LATER);
        assertThat(Sending.sent("book", State.TRIED).back()).isEmpty();
        assertThat(FormNames.anchor("book")).isEqualTo("form-book");
    }

    @Test
    void theSameWordsAreTheSameWhateverTheirCaseAndAnotherFieldIsAnother() {
        String one = Filling.likeness(List.of(said("name", "Ada"), said("words", "Is there a BUS?")));
        assertThat(Filling.likeness(List.of(said("name", "ada"), said("words", "is there a bus?"))))
                .isEqualTo(one);
        assertThat(Filling.likeness(List.of(said("name", "Ada"), said("words", "Is there a train?"))))
                .isNotEqualTo(one);
        assertThat(Filling.likeness(List.of(said("words", "Ada"), said("name", "Is there a BUS?"))))
                .isNotEqualTo(one);
        assertThat(Filling.likeness(List.of(said("name", "Ada")))).isNotEqualTo(one);
    }

    @Test
    void howManyComeIsOneWhereTheFormSaysNothingOfIt() {
        Filling booking = new Filling(ReadyForms.find("form-booking").orElseThrow(), new FieldKindsTest.Nothing());
        assertThat(booking.people(Map.of("people", List.of("4")))).isEqualTo(4);
        assertThat(booking.people(Map.of("people", List.of("0")))).isEqualTo(1);
        assertThat(booking.people(Map.of("people", List.of("many")))).isEqualTo(1);
        assertThat(booking.people(Map.of())).isEqualTo(1);
        assertThat(booking.chosen(Map.of("which", List.of("gone")))).isEmpty();
    }
}
