package venue.core.show.letter;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import venue.core.carry.beginning.ReadySite;
import venue.core.show.letter.Block.Band;

/** What a page holds is read into blocks and written so that nothing of it runs, and no word is lost. */
class BlocksTest {

    private static final String PAGE = "https://moor.example/visit/here";
    private static final LetterLook LOOK = LetterLook.of(ReadySite.looks().get(0));

    private static List<Band> read(String inner) {
        return Blocks.read(
                "<main><section class=\"s t-deep a-centre\">" + inner + "</section></main>",
                PAGE,
                "See it on the site");
    }

    private static Document html(List<Band> bands) {
        return Jsoup.parse(HtmlLetter.write(LOOK, "en", "Title", "Shown", bands));
    }

    @Test
    void everyTagIsOneOfAFewBlocks() {
        List<Band> bands = read("""
                <div class="in"><h2>News <em>of</em> the <a href="/moor">moor</a></h2>
                <div class="text lead"><p>First, <strong>bold</strong><br>then.</p></div>
                <blockquote><p>Said so.</p><footer>Ada</footer></blockquote>
                <figure><a href="../big"><img src="/-/media/a-1200.jpg" alt="A roof" width="1200" height="600"></a>
                <figcaption>The roof</figcaption></figure>
                <ul><li>One</li><li><a href="mailto:us@moor.example">Write</a></li></ul><ol><li>First</li></ol>
                <dl><div><dt>When</dt><dd>Friday</dd><dd>Saturday</dd></div></dl>
                <table><caption>Prices</caption><tr><th>Seat</th><td>£4</td></tr></table>
                <a class="button" href="/book">Book</a><hr><video src="/x.mp4"></video><form><input></form><iframe src="/y"></iframe>
                Loose words</div>""");
        assertThat(bands).singleElement().satisfies(b -> {
            assertThat(b.tone()).isEqualTo("deep");
            assertThat(b.centred()).isTrue();
        });
        List<Block> blocks = bands.get(0).blocks();
        assertThat(blocks)
                .extracting(b -> b.getClass().getSimpleName())
                .containsExactly(
                        "Heading", "Words", "Words", "Words", "Picture", "Words", "Items", "Items", "Table", "Words",
                        "Table", "Button", "Rule", "Words", "Words");
        assertThat(blocks.get(4))
                .isEqualTo(new Block.Picture(
                        "https://moor.example/-/media/a-1200.jpg", "A roof", 1200, 600, "https://moor.example/big"));
        String plain = TextLetter.write(bands);
        assertThat(plain)
                .contains("News of the moor\n----------------\n")
                .contains("First, bold\nthen.")
                .contains("> Said so.")
                .contains("- Write (us@moor.example)")
                .contains("1. First")
                .contains("When | Friday Saturday")
                .contains("Book: https://moor.example/book")
                .contains("* * *")
                .containsOnlyOnce("See it on the site (" + PAGE + ")")
                .endsWith("Loose words\n\n");
        assertThat(html(bands).select("img").attr("height")).isEqualTo("268");
    }

    @Test
    void whatWouldRunIsWordsOrLeftOut() {
        List<Band> bands = read("""
                <p onclick="evil()">A<script>evil()</script><style>p{}</style><svg onload=evil()></svg></p>
                <p><a href="javascript:evil()">runs</a> <a href="data:text/html,x">data</a> <a href="//else.example/x">other</a></p>
                <p>&lt;script&gt;evil()&lt;/script&gt; &amp;amp; "quoted" 'single'</p>
                <img src="javascript:evil()" alt="x"><img src="data:image/png;base64,AA" alt="x"><img src="/a.svg" alt="x">
                <a class="button" href="javascript:evil()">Press</a><h2 hidden>Hidden</h2><nav>Nav</nav>
                <p data-unseen>For managers</p>""");
        String written =
                HtmlLetter.write(LOOK, "en", "</title><script>evil()</script>", "\"><script>evil()</script>", bands);
        Document html = Jsoup.parse(written);
        assertThat(html.select("script, svg, [onclick], [onload]")).isEmpty();
        assertThat(html.select("[href]").eachAttr("href")).containsExactly("https://else.example/x");
        assertThat(html.select("img")).isEmpty();
        assertThat(html.text())
                .contains("<script>evil()</script> &amp; \"quoted\" 'single'")
                .doesNotContain("Hidden", "managers");
    }

    @Test
    void linesOfLanguagesThatBeginAtTheRightDoSo() {
        List<Band> bands =
                read("<blockquote>שלום</blockquote><table><tr><th>א</th><td>ב</td></tr></table><ul><li>ג</li></ul>");
        Document html = Jsoup.parse(HtmlLetter.write(LOOK, "he", "Title", "Shown", bands));
        assertThat(html.select("html, table.g").eachAttr("dir")).containsExactly("rtl", "rtl");
        assertThat(html.select("th, td.l").eachAttr("align")).containsOnly("right");
        assertThat(html.select("ul, p").eachAttr("style")).noneMatch(s -> s.contains("-left"));
        assertThat(html(bands).select("html").attr("dir")).isEqualTo("ltr");
    }

    @Provide
    Arbitrary<String> markup() {
        Arbitrary<String> words =
                Arbitraries.of("alpha", "beta gamma", "&lt;b&gt;", "łódź", "שלום", "🙂", "a&amp;b", "");
        Arbitrary<String> tag = Arbitraries.of(
                "p",
                "div",
                "h2",
                "h3",
                "ul",
                "li",
                "blockquote",
                "strong",
                "em",
                "a",
                "figure",
                "table",
                "td",
                "dl",
                "dt",
                "section",
                "details",
                "summary",
                "span");
        Arbitrary<String> leaf = Combinators.combine(tag, words).as((t, w) -> "<" + t + ">" + w + "</" + t + ">");
        Arbitrary<String> row = leaf.list().ofMinSize(1).ofMaxSize(4).map(l -> String.join(" ", l));
        return Combinators.combine(tag, row, leaf)
                .as((t, r, l) -> "<" + t + ">" + r + "</" + t + ">" + l)
                .list()
                .ofMaxSize(5)
                .map(l -> String.join("\n", l));
    }

    /** The law: both forms of a letter say the words of the page, in their order, and its HTML is well-formed. */
    @Property(tries = 300)
    void everyWordOfAPageIsInBothFormsOfItsLetter(@ForAll("markup") String markup) {
        List<Band> bands = read(markup);
        String asked = words(Jsoup.parse("<main>" + markup + "</main>").text());
        Document html = html(bands);
        String said = html.select("td.p").stream().map(e -> e.text()).collect(Collectors.joining(" "));
        assertThat(words(said)).isEqualTo(asked);
        String plain = TextLetter.write(bands)
                .replaceAll("(?m)^(?:[-=]+|> ?|- |\\d+\\. )", " ")
                .replace("|", " ");
        assertThat(words(plain)).isEqualTo(asked);
    }

    private static String words(String text) {
        return text.replaceAll("\\s+", "");
    }
}
