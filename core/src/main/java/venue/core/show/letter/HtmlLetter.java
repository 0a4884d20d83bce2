package venue.core.show.letter;

import java.util.List;
import java.util.stream.Collectors;
import venue.core.basics.html.HtmlWriter;
import venue.core.model.theme.Tone;
import venue.core.show.letter.Block.Band;
import venue.core.show.letter.Block.Cell;
import venue.core.show.letter.Block.Voice;
import venue.core.show.render.PageRenderer;

/**
 * A letter as HTML that mail readers show alike: tables that say nothing of themselves, styles on each part, 600 pixels wide or the window,
 * pictures with their size. What readers leave out (rules in the head) only makes it better.
 */
final class HtmlLetter {

    static final int WIDE = 600;
    private static final int SIDE = 32;
    private static final String NARROW =
            "@media (max-width:620px){.w{width:100%!important}.p{padding-left:20px!important;padding-right:20px!important}}";

    private final LetterLook look;
    private final HtmlWriter out = new HtmlWriter();
    private Tone tone;
    private boolean centred;
    private boolean turned;

    private HtmlLetter(LetterLook look) {
        this.look = look;
        tone = look.tone("plain");
    }

    /**
     * @param title what the letter is called
     * @param shown what readers show beside the subject
     */
    static String write(LetterLook look, String language, String title, String shown, List<Band> bands) {
        HtmlLetter letter = new HtmlLetter(look);
        letter.whole(language, title, shown, bands);
        return "<!doctype html>" + letter.out.html();
    }

    private void whole(String language, String title, String shown, List<Band> bands) {
        turned = PageRenderer.isRightToLeft(language);
        out.start("html").attr("lang", language).attr("dir", turned ? "rtl" : "ltr");
        out.start("head");
        out.empty("meta").attr("charset", "utf-8");
        out.empty("meta").attr("name", "viewport").attr("content", "width=device-width,initial-scale=1");
        out.empty("meta").attr("name", "color-scheme").attr("content", "light dark");
        out.empty("meta").attr("name", "supported-color-schemes").attr("content", "light dark");
        out.element("title", title);
        String night = look.byNight(bands.stream().map(Band::tone).collect(Collectors.toSet()));
        out.element("style", NARROW + night);
        out.end();
        String around = look.tone("tinted").ground().hex();
        out.start("body").attr("style", "margin:0;padding:0;background-color:" + around);
        out.start("div")
                .attr(
                        "style",
                        "display:none;max-height:0;overflow:hidden;font-size:1px;line-height:1px;color:" + around)
                .text(shown)
                .end();
        table("g", "width:100%;background-color:" + around)
                .attr("width", "100%")
                .attr("bgcolor", around)
                .attr("dir", turned ? "rtl" : "ltr");
        out.start("tr").start("td").attr("align", "center").attr("style", "padding:24px 0");
        table("w", "width:100%;max-width:" + WIDE + "px").attr("width", WIDE);
        bands.forEach(this::band);
        out.end().end().end().end().end().end();
    }

    /** The side on which lines begin. */
    private String begins() {
        return turned ? "right" : "left";
    }

    private HtmlWriter table(String classes, String style) {
        out.start("table", classes)
                .attr("role", "presentation")
                .attr("cellpadding", "0")
                .attr("cellspacing", "0")
                .attr("border", "0");
        return style.isEmpty() ? out : out.attr("style", style);
    }

    private void band(Band band) {
        tone = look.tone(band.tone());
        centred = band.centred();
        String ground = tone.ground().hex();
        out.start("tr").start("td", "p t-" + tone.key()).attr("bgcolor", ground);
        if (centred) {
            out.attr("align", "center");
        }
        out.attr(
                "style",
                "padding:28px " + SIDE + "px 12px;background-color:" + ground + ";color:"
                        + tone.words().hex() + ";font-family:" + look.words() + (centred ? ";text-align:center" : ""));
        band.blocks().forEach(this::block);
        out.end().end();
    }

    private void block(Block block) {
        if (block instanceof Block.Heading heading) {
            heading(heading);
        } else if (block instanceof Block.Words words) {
            words(words);
        } else if (block instanceof Block.Picture picture) {
            picture(picture);
        } else if (block instanceof Block.Button button) {
            button(button);
        } else if (block instanceof Block.Items items) {
            items(items);
        } else if (block instanceof Block.Table table) {
            table(table);
        } else {
            rule();
        }
    }

    private void heading(Block.Heading heading) {
        int level = Math.min(heading.level(), 4);
        int size = List.of(32, 24, 19, 17).get(level - 1);
        out.start("h" + level, "h")
                .attr(
                        "style",
                        "margin:0 0 12px;font-family:" + look.headings() + ";font-size:" + size + "px;line-height:"
                                + Math.round(size * 1.25) + "px;font-weight:bold;color:"
                                + tone.headings().hex());
        runs(heading.words(), tone.headings().hex(), false);
        out.end();
    }

    private void words(Block.Words words) {
        Voice voice = words.voice();
        boolean quiet = voice == Voice.QUIET;
        String colour = quiet ? tone.quiet().hex() : tone.words().hex();
        String size = voice == Voice.LEAD
                ? "20px;line-height:30px"
                : quiet ? "14px;line-height:21px" : "16px;line-height:25px";
        String quoted = voice == Voice.QUOTED
                ? ";padding-" + begins() + ":16px;border-" + begins() + ":3px solid "
                        + tone.line().hex() + ";font-style:italic"
                : "";
        out.start("p", quiet ? "q" : voice == Voice.QUOTED ? "x l" : "x")
                .attr("style", "margin:0 0 16px;font-size:" + size + ";color:" + colour + quoted);
        runs(words.words(), tone.link().hex(), true);
        out.end();
    }

    /** @param drawn whether what leads somewhere is underlined */
    private void runs(List<Run> runs, String link, boolean drawn) {
        for (Run run : runs) {
            if (run.isBreak()) {
                out.empty("br");
                continue;
            }
            if (!run.href().isEmpty()) {
                out.start("a", "a")
                        .attr("href", run.href())
                        .attr("style", "color:" + link + ";text-decoration:" + (drawn ? "underline" : "none"));
            }
            if (run.strong()) {
                out.start("strong");
            }
            if (run.leaning()) {
                out.start("em");
            }
            out.text(run.words());
            for (int i = (run.strong() ? 1 : 0)
                            + (run.leaning() ? 1 : 0)
                            + (run.href().isEmpty() ? 0 : 1);
                    i > 0;
                    i--) {
                out.end();
            }
        }
    }

    private void picture(Block.Picture picture) {
        int most = WIDE - 2 * SIDE;
        int width = picture.width() == 0 ? most : Math.min(most, picture.width());
        if (!picture.href().isEmpty()) {
            out.start("a").attr("href", picture.href());
        }
        out.empty("img").attr("src", picture.src()).attr("alt", picture.alt()).attr("width", width);
        if (picture.width() > 0 && picture.height() > 0) {
            out.attr("height", Math.round((double) width * picture.height() / picture.width()));
        }
        out.attr(
                "style",
                "display:block;border:0;width:100%;max-width:" + width + "px;height:auto;margin:0 "
                        + (centred ? "auto" : "0") + " 16px");
        if (!picture.href().isEmpty()) {
            out.end();
        }
    }

    private void button(Block.Button button) {
        String ground = tone.act().hex();
        table("", "margin:0 0 16px" + (centred ? ";margin-left:auto;margin-right:auto" : ""));
        out.start("tr")
                .start("td")
                .attr("bgcolor", ground)
                .attr("style", "background-color:" + ground + ";border-radius:" + look.corners() + "px");
        out.start("a")
                .attr("href", button.href())
                .attr(
                        "style",
                        "display:inline-block;padding:12px 22px;font-size:16px;line-height:20px;font-weight:bold;text-decoration:none;color:"
                                + tone.onAct().hex())
                .text(button.label());
        out.end().end().end().end();
    }

    private void items(Block.Items items) {
        out.start(items.numbered() ? "ol" : "ul")
                .attr("style", "margin:0 0 16px;padding:0;padding-" + begins() + ":24px");
        items.lines().forEach(line -> {
            out.start("li").attr("style", "margin:0 0 6px;font-size:16px;line-height:25px");
            runs(line, tone.link().hex(), true);
            out.end();
        });
        out.end();
    }

    private void table(Block.Table table) {
        out.start("table")
                .attr("cellpadding", "0")
                .attr("cellspacing", "0")
                .attr("border", "0")
                .attr("width", "100%")
                .attr("style", "width:100%;margin:0 0 16px");
        table.rows().forEach(row -> {
            out.start("tr");
            row.forEach(this::cell);
            out.end();
        });
        out.end();
    }

    private void cell(Cell cell) {
        out.start(cell.head() ? "th" : "td", "l")
                .attr("align", begins())
                .attr("valign", "top")
                .attr(
                        "style",
                        "padding:8px " + (turned ? "0 8px 12px" : "12px 8px 0") + ";border-bottom:1px solid "
                                + tone.line().hex()
                                + ";font-size:15px;line-height:22px;text-align:" + begins() + ";font-weight:"
                                + (cell.head() ? "bold" : "normal"));
        runs(cell.words(), tone.link().hex(), true);
        out.end();
    }

    private void rule() {
        table("", "width:100%;margin:0 0 16px").attr("width", "100%");
        out.start("tr")
                .start("td", "l")
                .attr("style", "border-top:1px solid " + tone.line().hex() + ";font-size:1px;line-height:1px")
                .text("\u00a0")
                .end()
                .end()
                .end();
    }
}
