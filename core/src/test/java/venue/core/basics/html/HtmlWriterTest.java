package venue.core.basics.html;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;

class HtmlWriterTest {

    @Property
    void anyWordsComeBackAsTheyWentInAndMakeNoElement(
            @ForAll @CharRange(from = ' ', to = '~') String words,
            @ForAll @CharRange(from = ' ', to = '~') String value) {
        HtmlWriter out = new HtmlWriter();
        out.start("p").attr("title", value).text(words).end();
        Element p = Jsoup.parseBodyFragment(out.html()).body().child(0);
        assertThat(p.wholeText()).isEqualTo(words);
        assertThat(p.attr("title")).isEqualTo(value);
        assertThat(p.children()).isEmpty();
    }

    @Test
    void aMarkGoesToTheNextElementAlone() {
        HtmlWriter out = new HtmlWriter();
        out.mark("data-e", "\"x\"").start("div").element("b", "1").end();
        assertThat(out.html()).isEqualTo("<div data-e=\"&quot;x&quot;\"><b>1</b></div>");
    }

    @Test
    void whatIsLeftOpenIsNamed() {
        HtmlWriter out = new HtmlWriter();
        out.start("main").start("ul", "plain");
        assertThatThrownBy(out::html).hasMessageContaining("ul").hasMessageContaining("main");
    }

    @Test
    void emptyElementsHaveNoEnd() {
        HtmlWriter out = new HtmlWriter();
        out.start("p")
                .empty("img")
                .attr("width", 40)
                .attr("alt", "")
                .attr("hidden")
                .text("x")
                .end();
        assertThat(out.html()).isEqualTo("<p><img width=\"40\" alt=\"\" hidden>x</p>");
    }
}
