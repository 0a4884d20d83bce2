package venue.core.edition.edition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.carry.beginning.ReadySite;
import venue.core.carry.compose.Compose;
import venue.core.change.edit.page.NewPages;
import venue.core.model.kind.Kind;
import venue.core.model.property.Property;
import venue.core.model.section.Section;
import venue.core.model.template.Template;

class AsksTest {

    private final Edition site = Sites.small();

    static Stream<Template> asking() {
        return ReadySite.templates().stream().filter(t -> {
            Asks asks = Asks.of(t.starters());
            return asks.kind() || asks.field();
        });
    }

    /** One answer reaches every section that asks, and none of them counts as changed by it. */
    @ParameterizedTest
    @MethodSource("asking")
    void whatIsSaidOnceStandsInAllThatAsk(Template template) {
        String kind = site.all(Kind.class)
                .filter(k -> k.mayWear(template.id()))
                .map(Kind::id)
                .findFirst()
                .orElseThrow();
        Edition made = Sites.after(
                site,
                NewPages.one(kind, "gathers", "Gathers")
                        .wearing(template.id())
                        .gathering("standard", "person")
                        .made());
        List<Section> sections =
                made.page("gathers").orElseThrow().zones().all().toList();
        assertThat(Asks.of(sections)).isEqualTo(new Asks(false, false, List.of()));
        assertThat(sections).allMatch(s -> template.starters().stream().anyMatch(s::isFilledFrom));
    }

    @Test
    void theFieldsThatAreNeededFollowFromWhatIsShown() {
        assertThat(needs("people-layout")).containsExactly("email");
        assertThat(needs("events-layout")).containsExactly("date");
        assertThat(needs("works-layout")).contains("date", "picture");
        assertThat(needs("found-layout")).isEmpty();
        assertThat(Asks.of(ReadySite.patterns().get(0).sections()).field()).isFalse();
    }

    @Test
    void aKindThatIsNotThereAndAFieldThatIsNoKeyAreRefused() {
        assertThatThrownBy(() -> Sites.after(
                        site,
                        NewPages.one("standard", "gathers", "Gathers")
                                .gathering("nothing", null)
                                .made()))
                .isInstanceOf(Refusal.class);
        Section open = Compose.section(
                "open",
                "Open",
                Compose.part("listing").with("source", "naming").with("field", Compose.fill("By which?")));
        assertThat(Asks.of(List.of(open)).field()).isTrue();
        assertThat(Asks.of(List.of(new Asks.AskAnswer(null, "person").in(open))).field())
                .isFalse();
        assertThatThrownBy(() -> new Asks.AskAnswer(null, "<b>no key</b>").in(open))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("wrong-value"));
    }

    private static List<String> needs(String template) {
        Template found = ReadySite.templates().stream()
                .filter(t -> t.id().equals(template))
                .findFirst()
                .orElseThrow();
        return Asks.of(found.starters()).needs().stream().map(Property::key).toList();
    }
}
