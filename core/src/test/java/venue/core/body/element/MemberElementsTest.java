package venue.core.body.element;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.group;
import static venue.core.carry.compose.Compose.list;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.body.scene.Guest;
import venue.core.body.scene.Guest.Turn;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.section.Zones;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** What members come in by, look after themselves with and leave by, in every state. */
class MemberElementsTest {

    private static final List<String> KINDS = List.of("sign-in", "join", "forgotten", "confirm", "my-page", "leave");

    private Edition site = Sites.small();

    private void fact(String key, Value value) {
        site = site.with(List.of(site.site().with(key, value)), List.of());
    }

    private Element drawn(String kind, Guest guest) {
        Page page = site.require(Page.class, "weaving")
                .withZones(new Zones(Map.of("main", List.of(section("s1", "S", part(kind))))));
        View view = View.of(site.with(List.of(page), List.of()), Instant.EPOCH, "http://y", View.Mode.VISITOR)
                .seenBy(guest.isMember() ? Visitor.member(Set.of()) : Visitor.STRANGER)
                .greeting(guest);
        Document document = Jsoup.parse(PageRenderer.render(view, page).html());
        return document.select("main .members").first();
    }

    private static Stream<String> states(String kind) {
        return Stream.concat(Stream.of(""), Elements.find(kind).orElseThrow().states().stream());
    }

    private void joining() {
        fact("joinWay", Value.of("asked"));
        fact("joinConsent", Value.of("I keep the rules of the barn."));
        Map<String, Value> since = new TreeMap<>(group("label", "Since", "key", "since", "sort", "date"));
        since.put("theirs", Value.of(false));
        fact(
                "memberFields",
                list(
                        group("label", "Telephone", "key", "phone"),
                        group("label", "About you", "key", "about", "sort", "lines"),
                        group("label", "Likes", "key", "likes", "sort", "choice", "choices", "The Moon\nMars"),
                        group("label", "Has a key", "key", "barn", "sort", "yes"),
                        since));
    }

    @ParameterizedTest
    @ValueSource(strings = {"en", "de", "fr", "es", "it", "nl", "da", "sv"})
    void everyStateSaysSomethingOfItsOwnAndWhatIsAskedIsLabelled(String language) {
        joining();
        site = site.with(
                List.of(site.site()
                        .described(site.site().name(), language, site.site().zone())),
                List.of());
        for (String kind : KINDS) {
            List<String> said = new ArrayList<>();
            states(kind).forEach(state -> {
                Element shown = drawn(kind, state.isEmpty() ? Guest.NOBODY : Guest.sample(kind, state));
                String at = kind + ", " + state + ", " + language;
                said.add(shown.text());
                assertThat(shown.text()).as(at).isNotBlank().doesNotContain("{0}");
                assertThat(shown.select("form")).as(at).allSatisfy(form -> {
                    assertThat(form.attr("action")).isIn("/-/" + kind, "/-/sign-out");
                    assertThat(form.attr("method")).isEqualTo("post");
                    assertThat(form.select("button[type=submit]")).isNotEmpty();
                });
                assertThat(shown.select("input:not([type=hidden]), select, textarea"))
                        .as(at)
                        .allSatisfy(line -> assertThat(
                                        line.closest("label").select("span").text())
                                .isNotBlank());
                assertThat(shown.select("[role=alert]").size()).as(at).isEqualTo(state.equals("refused") ? 1 : 0);
            });
            assertThat(said).as(kind + " in " + language).doesNotHaveDuplicates();
        }
    }

    @Test
    void whatWasTypedStaysButNoPasswordAndNothingOfItIsMarkup() {
        joining();
        Turn turn = Turn.of("sign-in", "refused")
                .typed(Map.of("email", "\"><script>alert(1)</script>", "password", "secret-word", "to", "/\"x"))
                .wrong("<b>Wrong</b>");
        Element form = drawn("sign-in", Guest.NOBODY.after(turn));
        assertThat(form.select("script, b")).isEmpty();
        assertThat(form.outerHtml()).doesNotContain("secret-word");
        assertThat(form.select("[name=email]").val()).isEqualTo("\"><script>alert(1)</script>");
        assertThat(form.select("[name=to]").val()).isEqualTo("/\"x");
        assertThat(form.select("[role=alert]").text()).isEqualTo("<b>Wrong</b>");
        Turn joined = Turn.of("join", "refused").typed(Map.of("field.likes", "Mars", "field.about", "I <3 Mars"));
        Element join = drawn("join", Guest.NOBODY.after(joined));
        assertThat(join.select("option[selected]").eachText()).containsExactly("Mars");
        assertThat(join.select("textarea").text()).isEqualTo("I <3 Mars");
        assertThat(drawn("join", Guest.NOBODY.after(turn)).select("[role=alert]"))
                .as("what another element said")
                .isEmpty();
    }

    @Test
    void fieldsStandAsTheyAreDeclaredAndOnlyThoseThatAreTheMembersOwn() {
        joining();
        Guest alma = new Guest(
                "Alma Reed",
                "alma@vale.example",
                Map.of("phone", "01632", "barn", "yes", "since", "2020-01-01"),
                0,
                Turn.NONE);
        Element mine = drawn("my-page", alma);
        assertThat(mine.select("[name^=field.]").eachAttr("name"))
                .containsExactly("field.phone", "field.about", "field.likes", "field.barn");
        assertThat(mine.select("[name=field.phone]").val()).isEqualTo("01632");
        assertThat(mine.select("[name=field.barn]").hasAttr("checked")).isTrue();
        assertThat(mine.select("[name=field.likes] option").eachText()).containsExactly("The Moon", "Mars");
        assertThat(mine.text()).contains("Alma Reed", "alma@vale.example").doesNotContain("2020-01-01");
        Element join = drawn("join", Guest.NOBODY);
        assertThat(join.select("[name=consent]").hasAttr("required")).isTrue();
        assertThat(join.text()).contains("I keep the rules of the barn.");
        assertThat(drawn("join", alma).select("form[action=/-/join]"))
                .as("a member asks no more")
                .isEmpty();
    }

    @Test
    void whoeverMayNotJoinIsOfferedNoFormAndNoWayToOne() {
        assertThat(drawn("join", Guest.NOBODY).select("form")).isEmpty();
        assertThat(drawn("sign-in", Guest.NOBODY).select("a[href='/-/join']")).isEmpty();
        joining();
        assertThat(drawn("sign-in", Guest.NOBODY).select("a[href='/-/join']")).hasSize(1);
        assertThat(drawn("my-page", Guest.NOBODY).select("form"))
                .as("of nobody")
                .isEmpty();
        assertThat(drawn("leave", Guest.NOBODY).select("form")).isEmpty();
        assertThat(drawn("my-page", Guest.NOBODY).select("a").attr("href")).isEqualTo("/-/sign-in?to=/-/my-page");
    }

    @Test
    void aLinkOfALetterOpensAPageWithAButtonThatCarriesItOn() {
        for (String kind : List.of("sign-in", "forgotten", "confirm")) {
            Turn turn = Turn.of(kind, "link").typed(Map.of("token", "t0k3n", "to", "/members"));
            Element form = drawn(kind, Guest.NOBODY.after(turn)).select("form").first();
            assertThat(form.select("[name=token]").val()).as(kind).isEqualTo("t0k3n");
            assertThat(form.select("[name=email]")).as(kind).isEmpty();
        }
    }
}
