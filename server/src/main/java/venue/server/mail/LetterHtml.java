package venue.server.mail;

import venue.core.basics.html.HtmlWriter;

/** A letter as HTML: the same words, and nothing that would be fetched. */
final class LetterHtml {

    private LetterHtml() {}

    static String of(Letter letter) {
        HtmlWriter out = new HtmlWriter();
        out.start("html").start("body");
        letter.paragraphs().forEach(p -> out.start("p").text(p).end());
        if (letter.link() != null) {
            out.start("p")
                    .start("a")
                    .attr("href", letter.link())
                    .text(letter.link())
                    .end()
                    .end();
        }
        out.end().end();
        return "<!doctype html>" + out.html();
    }
}
