package venue.core.show.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.ReadyForms;
import venue.core.body.form.Sending;
import venue.core.body.form.VisitorFacts;
import venue.core.body.trace.Comment;
import venue.core.body.trace.CommentRule;
import venue.core.body.trace.Comments;
import venue.core.body.trace.DayCounts;
import venue.core.body.trace.Rating;
import venue.core.body.trace.Ratings;
import venue.core.body.trace.Traces;
import venue.core.check.survey.CommentFindings;
import venue.core.check.survey.Finding;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Zones;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** What visitors leave on a page as others see it: what they say, what they give it, and when it takes no more. */
class CommentsTest {

    private static final Instant NOON = Instant.parse("2026-12-01T12:00:00Z");
    private static final LocalDate TODAY = LocalDate.parse("2026-12-01");

    private Edition site;
    private Page page;
    private Kind kind;
    private final List<Comment> said = new ArrayList<>();
    private final Form form =
            FieldKinds.check(ReadyForms.find("form-comment").orElseThrow().copy("say", "Say"));

    @BeforeEach
    void write() {
        site = Sites.small();
        page = site.require(Page.class, "weaving")
                .withZones(new Zones(Map.of(
                        "main", List.of(section("s1", "S", part("comments").with("form", "say"), part("rating"))))));
        kind = site.require(Kind.class, page.kind());
        kind = kind.withFields(List.of(Property.of("date", "Date", PropertyType.DATE)), List.of());
    }

    private void set(String comments, long days) {
        Kind says = kind.with("comments", Value.of(comments)).with("commentsDays", Value.of(days));
        site = site.with(List.of(says, page, form), List.of());
    }

    private Document drawn(View.Mode mode, Sending sending, Rating rating) {
        Comments comments = new Comments() {
            @Override
            public List<Comment> on(String at) {
                return said.stream().filter(c -> c.page().equals(at)).toList();
            }

            @Override
            public int count(String at) {
                return on(at).size();
            }

            @Override
            public List<Comment> newest(int most) {
                return List.of();
            }
        };
        Traces traces = new Traces(DayCounts.NOTHING, comments, new Ratings(Map.of("weaving", rating)));
        View view = View.of(site, NOON, "https://moor.example", mode)
                .telling(VisitorFacts.NONE.with(traces).at(sending));
        return Jsoup.parse(PageRenderer.render(view, page).html(), "https://moor.example/");
    }

    private Document drawn() {
        return drawn(View.Mode.VISITOR, Sending.NOTHING, Rating.NONE);
    }

    private void say(String id, String to, String words) {
        said.add(new Comment(id, "weaving", to, "Ada", NOON.plusSeconds(said.size()), false, words));
    }

    @Test
    void aPageTakesCommentsAsItSaysElseAsItsKindSaysUntilItsDaysAreOver() {
        Random chance = new Random(39);
        for (int i = 0; i < 300; i++) {
            String ofKind = List.of("none", "held", "once").get(chance.nextInt(3));
            String own = List.of("kind", "none", "held", "once", "closed").get(chance.nextInt(5));
            int days = chance.nextInt(3) * 10;
            int ago = chance.nextInt(40);
            page = page.withSetting("comments", Value.of(own))
                    .withField("date", Value.of(TODAY.minusDays(ago).toString()));
            set(ofKind, days);
            CommentRule law =
                    CommentRule.valueOf((own.equals("kind") ? ofKind : own).toUpperCase(java.util.Locale.ROOT));
            boolean over = own.equals("kind") && law != CommentRule.NONE && days > 0 && ago > days;
            assertThat(CommentRules.of(site, page, TODAY))
                    .as("%s %s %d %d", ofKind, own, days, ago)
                    .isEqualTo(over ? CommentRule.CLOSED : law);
            assertThat(drawn().select(".comments").isEmpty()).isEqualTo(law == CommentRule.NONE);
            assertThat(drawn().select("#form-say textarea").isEmpty()).isEqualTo(over || !law.takes());
        }
    }

    /** The law: each stands once, an answer beneath what it answers, whatever was taken away; the first so many unfolded. */
    @Test
    void everyCommentStandsOnceAndAnswersStandBeneathWhatTheyAnswer() {
        Random chance = new Random(3);
        set("once", 0);
        for (int round = 0; round < 20; round++) {
            said.clear();
            List<String> firsts = new ArrayList<>();
            int many = chance.nextInt(70);
            for (int i = 0; i < many; i++) {
                boolean answers = !firsts.isEmpty() && chance.nextBoolean();
                say("c" + i, answers ? firsts.get(chance.nextInt(firsts.size())) : "", "Word " + i);
                if (!answers) {
                    firsts.add("c" + i);
                }
            }
            said.removeIf(c -> c.to().isEmpty() && chance.nextInt(4) == 0);
            Document drawn = drawn();
            assertThat(drawn.select(".comments article").eachAttr("id"))
                    .containsExactlyInAnyOrderElementsOf(
                            said.stream().map(c -> "said-" + c.id()).toList());
            for (Comment c : said) {
                Element at = drawn.getElementById("said-" + c.id());
                assertThat(at.closest("ol").parent().is("li")).as(c.id()).isEqualTo(!c.to().isEmpty());
                assertThat(at.parents().is("article")).isFalse();
                if (!c.to().isEmpty()) {
                    Element first = at.closest("ol").parent().child(0);
                    assertThat(first.is(".gone") || first.id().equals("said-" + c.to()))
                            .isTrue();
                }
            }
            assertThat(drawn.select(".how-many").text())
                    .startsWith(said.isEmpty() ? "No" : said.size() == 1 ? "One" : said.size() + " ");
        }
    }

    @Test
    void whatStrangersTypeIsWordsAndNothingElse() {
        set("once", 0);
        List<String> harm = List.of(
                "<script>alert(1)</script>",
                "<img src=x onerror=alert(1)>",
                "javascript:alert(1)",
                "https://a.example/\"onmouseover=\"alert(1)",
                "[url=https://a.example]b[/url] &lt;b&gt;",
                "https://a.example/?q=1&amp;x=<b>2</b>, and (https://b.example/c).",
                "\u202Eback\u202C 🙂 مرحبا");
        IntStream.range(0, harm.size()).forEach(i -> say("c" + i, "", harm.get(i)));
        Document drawn = drawn();
        for (int i = 0; i < harm.size(); i++) {
            assertThat(drawn.select("#said-c" + i + " .words").text())
                    .isEqualTo(harm.get(i).strip().replaceAll("\\s+", " "));
        }
        assertThat(drawn.select(".comments .words *").stream()
                        .map(Element::normalName)
                        .collect(Collectors.toSet()))
                .isSubsetOf("p", "a", "br");
        drawn.select(".comments .words a").forEach(a -> {
            assertThat(a.attr("rel")).isEqualTo("ugc nofollow noopener");
            assertThat(a.attr("href")).startsWith("https://").doesNotContain("\"", "<", "alert");
            assertThat(a.attributes().asList()).hasSize(2);
        });
        assertThat(drawn.select("#said-c5 .words a").eachAttr("href"))
                .containsExactly("https://a.example/?q=1&amp;x=", "https://b.example/c");
        assertThat(drawn.select(".comments [onerror], .comments [onmouseover], .comments img, .comments script"))
                .isEmpty();
    }

    @Test
    void aRatingIsToldInThePageAndToMachinesAndTheMeanIsDrawnToTheUsualOne() {
        set("none", 0);
        Document none = drawn();
        assertThat(none.select(".rating form")).hasSize(1);
        assertThat(none.html()).doesNotContain("AggregateRating");
        Document rated = drawn(View.Mode.VISITOR, Sending.NOTHING, new Rating(3, 13));
        assertThat(rated.select(".rating .mean").text()).isEqualTo("4.3 of 5 3 ratings");
        assertThat(rated.html()).contains("\"ratingCount\":3,\"ratingValue\":4.3");
        page = page.withSetting("ratingsClosed", Value.of(true));
        set("none", 0);
        assertThat(drawn().select(".rating form")).isEmpty();
        Random chance = new Random(5);
        for (int i = 0; i < 200; i++) {
            Map<String, Rating> all = IntStream.range(0, 6).boxed().collect(Collectors.toMap(n -> "p" + n, n -> {
                int count = chance.nextInt(30);
                return new Rating(count, count + (count == 0 ? 0 : chance.nextInt(4 * count + 1)));
            }));
            Ratings ratings = new Ratings(all);
            double least = all.values().stream()
                    .filter(r -> !r.isNone())
                    .mapToDouble(CommentsTest::mean)
                    .min()
                    .orElse(0);
            double most =
                    all.values().stream().mapToDouble(CommentsTest::mean).max().orElse(0);
            all.forEach((id, r) -> assertThat(ratings.weighed(id))
                    .isBetween(r.isNone() ? 0 : least - 1e-9, r.isNone() ? 0 : most + 1e-9));
            assertThat(ratings.weighed("nowhere")).isZero();
        }
        Ratings one = new Ratings(Map.of("a", new Rating(1, 5), "b", new Rating(200, 960), "c", new Rating(50, 100)));
        assertThat(one.weighed("b")).as("one voice is no verdict").isGreaterThan(one.weighed("a"));
    }

    private static double mean(Rating rating) {
        return rating.isNone() ? 0 : (double) rating.sum() / rating.count();
    }

    @Test
    void commentsThatNoPageShowsAndFormsWithoutTheirWordsAreFound() {
        set("held", 0);
        assertThat(CommentFindings.in(site)).isEmpty();
        site = site.with(List.of(form.with("comment", Value.of("gone"))), List.of());
        assertThat(CommentFindings.in(site)).extracting(Finding::rule).containsExactly("comments-wordless");
        page = page.withZones(Zones.NONE);
        set("held", 0);
        assertThat(CommentFindings.in(site)).extracting(Finding::rule).containsExactly("comments-nowhere");
        set("none", 0);
        assertThat(CommentFindings.in(site)).isEmpty();
    }
}
