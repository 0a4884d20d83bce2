package venue.core.change.edit.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.ReadySite;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.kind.Placement;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Section;
import venue.core.model.template.Template;

class KindCommandsTest {

    private static final Property SPAN =
            Property.number("span", "Span", 1, 500, 40, "cm").help("Tip to tip");
    private final Edition site = Sites.small();

    private static Edition fields(Edition before, Property... fields) {
        return Sites.after(before, new SetFields("standard", List.of(fields)));
    }

    private static Value span(Edition edition, String page) {
        return edition.field(edition.require(Page.class, page), "span").orElse(null);
    }

    @Test
    void aDefaultIsInheritedUntilAPageSaysItsOwn() {
        Edition with = fields(site, SPAN);
        Edition own = Sites.after(with, ValueCommand.setValue("weaving", null, null, "span", Value.of(40)));
        Edition changed = fields(own, SPAN.fallback(Value.of(60)));
        assertThat(span(changed, "home")).isEqualTo(Value.of(60));
        assertThat(span(changed, "weaving")).as("the same, but its own").isEqualTo(Value.of(40));
    }

    @Test
    void whatPagesHoldInAFieldComesBackWithIt() {
        Edition own =
                Sites.after(fields(site, SPAN), ValueCommand.setValue("weaving", null, null, "span", Value.of(12)));
        Edition away = fields(own);
        assertThat(span(away, "weaving")).isNull();
        Kind kind = away.require(Kind.class, "standard");
        assertThat(kind.putAway()).extracting(Property::key).contains("span", "summary");
        assertThatThrownBy(() -> Sites.after(away, ValueCommand.setValue("weaving", null, null, "span", Value.of(1))))
                .hasMessageContaining("no property");
        assertThat(span(fields(away, SPAN), "weaving")).isEqualTo(Value.of(12));
    }

    @Test
    void aFieldIsNotMadeSuchThatWhatPagesHoldDoesNotFit() {
        Edition own =
                Sites.after(fields(site, SPAN), ValueCommand.setValue("weaving", null, null, "span", Value.of(300)));
        for (Property unfit :
                List.of(Property.number("span", "Span", 1, 200, 40, "cm"), of("span", "Span", PropertyType.DATE))) {
            assertThatThrownBy(() -> fields(own, unfit))
                    .hasMessageContaining("1 page")
                    .hasMessageContaining("“Weaving”");
            assertThatThrownBy(() -> fields(fields(own), unfit)).isInstanceOf(Refusal.class);
        }
        assertThat(span(fields(own, Property.number("span", "Wing span", 1, 300, 1, "mm")), "weaving"))
                .isEqualTo(Value.of(300));
    }

    private static Stream<Arguments> bad() {
        Property words = of("w", "Words", PropertyType.WORDS);
        List<Property> many = new ArrayList<>();
        for (int i = 0; i <= 60; i++) {
            many.add(of("f" + i, "Field", PropertyType.WORDS));
        }
        return Stream.of(
                Arguments.of("too-many", many),
                Arguments.of("bad-key", List.of(of("Two words", "Two", PropertyType.WORDS))),
                Arguments.of("bad-key", List.of(of("searchTitle", "Taken", PropertyType.WORDS))),
                Arguments.of("bad-key", List.of(of("title", "Taken", PropertyType.WORDS))),
                Arguments.of("key-twice", List.of(words, words)),
                Arguments.of("bad-label", List.of(of("w", " ", PropertyType.WORDS))),
                Arguments.of("bad-label", List.of(of("w", "x".repeat(5000), PropertyType.WORDS))),
                Arguments.of("too-long", List.of(words.help("x".repeat(301)))),
                Arguments.of("bad-type", List.of(of("k", "Kind", PropertyType.KIND))),
                Arguments.of("bad-choices", List.of(of("c", "Choice", PropertyType.CHOICE))),
                Arguments.of("bad-choices", List.of(choice("c", "Choice", "a=A", "a=B"))),
                Arguments.of("bad-choices", List.of(choice("c", "Choice", "a= "))),
                Arguments.of("bad-entries", List.of(of("m", "Many", PropertyType.MANY))),
                Arguments.of("bad-entries", List.of(many("m", "Many", many("n", "More", words)))),
                Arguments.of("bad-range", List.of(Property.number("n", "Number", 5, 1, 3, ""))),
                Arguments.of("out-of-range", List.of(Property.number("n", "Number", 1, 5, 9, ""))),
                Arguments.of(
                        "wrong-value", List.of(of("d", "Day", PropertyType.DATE).fallback(Value.of("soon")))),
                Arguments.of(
                        "no-default",
                        List.of(of("p", "Picture", PropertyType.PICTURE).fallback(Value.of("m")))));
    }

    @ParameterizedTest
    @MethodSource("bad")
    void badFieldsAndOptionsAreRefused(String code, List<Property> declared) {
        assertThatThrownBy(() -> Sites.after(site, new SetFields("standard", declared)))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
        if (!code.equals("bad-key")) {
            assertThatThrownBy(() -> Sites.after(site, TemplateCommand.setOptions("plain", declared)))
                    .isInstanceOfSatisfying(
                            Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
        }
    }

    @Test
    void pagesThatFollowTheirKindAreArrangedInItsNewTemplateAndThoseThatChoseStay() {
        Edition side = Sites.after(site, PageCommand.chooseTemplate(List.of("home"), "side-column"));
        Edition following = Sites.after(side, new SetKindTemplates("standard", "side-column", null));
        Edition placed = Sites.after(
                Sites.after(following, SectionCommand.moveSection("weaving", "weaving-s1", "side", 0)),
                SectionCommand.moveSection("home", "home-s1", "side", 0));
        Edition plain = Sites.after(placed, new SetKindTemplates("standard", "plain", null));
        Page weaving = plain.require(Page.class, "weaving");
        assertThat(weaving.zones().in("side")).isEmpty();
        assertThat(weaving.shelf()).extracting(Section::id).containsExactly("weaving-s1");
        assertThat(plain.require(Page.class, "home").zones().in("side")).hasSize(1);
        Edition back = Sites.after(plain, new SetKindTemplates("standard", "side-column", null));
        assertThat(back.require(Page.class, "weaving")).isEqualTo(placed.require(Page.class, "weaving"));
    }

    @Test
    void aKindAlwaysHasATemplateToWearAndAPlaceToStand() {
        assertThatThrownBy(() -> Sites.after(site, new SetKindTemplates("standard", null, List.of())))
                .hasMessageContaining("some template");
        assertThatThrownBy(() -> Sites.after(site, new SetKindTemplates("standard", "plain", List.of("wide"))))
                .hasMessageContaining("not among");
        assertThatThrownBy(() -> Sites.after(
                        site, new PlaceKind("standard", new Placement(Placement.Where.BENEATH_KINDS, List.of()))))
                .hasMessageContaining("No place is named");
        assertThatThrownBy(() -> Sites.after(
                        site,
                        new PlaceKind("standard", new Placement(Placement.Where.BENEATH_PAGES, List.of("plain")))))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void aCopyOfAKindIsAnotherWithTheSameForm() {
        Edition with = Sites.after(fields(site, SPAN), new MakeKind("birds", "Birds", "standard"));
        assertThat(with.require(Kind.class, "birds").fields()).containsExactly(SPAN);
        assertThatThrownBy(() -> Sites.after(with, new MakeKind("more", " birds ", null)))
                .hasMessageContaining("“Birds” already");
        Edition retired = Sites.after(with, new RetireKind("birds", true));
        assertThatThrownBy(() -> Sites.after(
                        retired, NewPages.one("birds", "n", "N").evenSo(true).made()))
                .hasMessageContaining("retired");
    }

    @Test
    void aPageSetsItsTemplatesOptionsAndKeepsThemForWhenItComesBack() {
        Edition with = Sites.after(
                site,
                TemplateCommand.setOptions(
                        "plain",
                        List.of(of("motto", "Motto", PropertyType.WORDS).fallback(Value.of("On")))));
        Edition set = Sites.after(with, ValueCommand.setValue("home", null, null, "option.motto", Value.of("Mine")));
        Edition wide = Sites.after(set, PageCommand.chooseTemplate(List.of("home"), "wide"));
        assertThatThrownBy(() ->
                        Sites.after(wide, ValueCommand.setValue("home", null, null, "option.motto", Value.of("x"))))
                .hasMessageContaining("no property");
        Edition back = Sites.after(wide, PageCommand.chooseTemplate(List.of("home"), null));
        assertThat(back.require(Page.class, "home").settings()).containsEntry("option.motto", Value.of("Mine"));
        assertThat(ReadySite.templates()).extracting(Template::id).contains("plain", "wide");
    }
}
