package venue.core.show.letter;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import venue.core.show.letter.Block.Band;
import venue.core.show.letter.Block.Cell;
import venue.core.show.letter.Block.Voice;

/**
 * Reads a page as it is written for visitors, section by section. Whatever elements there are, they are made of the same few tags. What
 * can't be done in a letter (films, maps, forms) leads to the page instead.
 */
final class Blocks {

    private static final Set<String> LEFT_OUT = Set.of(
            "script",
            "style",
            "template",
            "noscript",
            "nav",
            "svg",
            "button",
            "dialog",
            "input",
            "select",
            "textarea",
            "canvas",
            "object",
            "embed",
            "link",
            "meta",
            "label",
            "source",
            "track");
    private static final Set<String> ELSEWHERE = Set.of("iframe", "video", "audio", "form");
    private static final Set<String> HEADINGS = Set.of("h1", "h2", "h3", "h4", "h5", "h6");
    private static final Set<String> LINES = Set.of("p", "address", "figcaption", "summary", "dt", "dd", "legend");
    private static final String IN_BLOCKS =
            "p,h1,h2,h3,h4,h5,h6,ul,ol,dl,table,img,figure,blockquote,hr,div,section,article,iframe,video,audio,form,details,address,.button";

    private final String elsewhere;
    private final String page;
    private final List<Block> out = new ArrayList<>();
    private boolean leadsElsewhere;

    private Blocks(String page, String elsewhere) {
        this.page = page;
        this.elsewhere = elsewhere;
    }

    /**
     * @param html a whole page
     * @param page its address
     * @param elsewhere what leads to what only the page can do
     */
    static List<Band> read(String html, String page, String elsewhere) {
        Document document = Jsoup.parse(html, page);
        return document.select("main .band, main section.s").stream()
                .map(section -> band(section, page, elsewhere))
                .filter(b -> !b.blocks().isEmpty())
                .toList();
    }

    private static Band band(Element section, String page, String elsewhere) {
        String tone = section.classNames().stream()
                .filter(c -> c.startsWith("t-"))
                .map(c -> c.substring(2))
                .findFirst()
                .orElse("plain");
        Blocks blocks = new Blocks(page, elsewhere);
        blocks.into(section, Voice.PLAIN, "");
        return new Band(tone, section.hasClass("a-centre"), List.copyOf(blocks.out));
    }

    static boolean isLeftOut(Element element) {
        return LEFT_OUT.contains(element.normalName())
                || element.hasAttr("hidden")
                || element.hasAttr("data-unseen")
                || element.hasClass("unseen")
                || element.hasClass("comments")
                || element.hasClass("rating");
    }

    /** Where a link leads, with scheme and host; empty where a letter can't. */
    static String leads(Element link) {
        String href = link.absUrl("href");
        return href.matches("(?i)(https?|mailto|tel):.*") ? href : "";
    }

    private void into(Element within, Voice voice, String href) {
        Lines line = new Lines();
        for (Node node : within.childNodes()) {
            if (node instanceof TextNode || (node instanceof Element e && isOfALine(e))) {
                line.add(node, href);
            } else if (node instanceof Element e && !isLeftOut(e)) {
                words(voice, line);
                block(e, voice, href);
            }
        }
        words(voice, line);
    }

    private static boolean isOfALine(Element element) {
        return !element.is(IN_BLOCKS) && element.selectFirst(IN_BLOCKS) == null;
    }

    private void words(Voice voice, Lines line) {
        if (!line.isEmpty()) {
            out.add(new Block.Words(voice, line.done()));
        }
    }

    private void block(Element e, Voice voice, String href) {
        String tag = e.normalName();
        if (HEADINGS.contains(tag)) {
            out.add(new Block.Heading(tag.charAt(1) - '0', Lines.of(e, href)));
        } else if (tag.equals("img")) {
            picture(e, href);
        } else if (tag.equals("hr")) {
            out.add(new Block.Rule());
        } else if (tag.equals("a") && e.hasClass("button")) {
            button(e);
        } else if (ELSEWHERE.contains(tag)) {
            elsewhere();
        } else if (LINES.contains(tag) && e.selectFirst("img") == null) {
            line(e, tag.equals("figcaption") ? Voice.QUIET : heard(e, voice), href);
        } else if (isList(e)) {
            items(e, tag.equals("ol"), href);
        } else if (!(tag.equals("dl") && facts(e)) && !(tag.equals("table") && table(e))) {
            into(e, tag.equals("blockquote") ? Voice.QUOTED : heard(e, voice), tag.equals("a") ? leads(e) : href);
        }
    }

    private static boolean isList(Element e) {
        return (e.normalName().equals("ul") || e.normalName().equals("ol"))
                && e.ownText().isBlank()
                && e.children().stream().allMatch(c -> c.normalName().equals("li") && isLine(c));
    }

    private static boolean isLine(Element item) {
        return item.children().stream().allMatch(Blocks::isOfALine);
    }

    private static Voice heard(Element e, Voice voice) {
        return e.hasClass("lead") ? Voice.LEAD : voice;
    }

    private void line(Element e, Voice voice, String href) {
        List<Run> said = Lines.of(e, href);
        if (!said.isEmpty()) {
            out.add(new Block.Words(voice, said));
        }
    }

    /** Drawings made of lines (SVG) are shown by few readers. */
    private void picture(Element e, String href) {
        String src = e.absUrl("src");
        if (src.startsWith("http") && !src.endsWith(".svg")) {
            out.add(new Block.Picture(src, e.attr("alt"), number(e, "width"), number(e, "height"), href));
        }
    }

    private static int number(Element e, String name) {
        String said = e.attr(name);
        return said.matches("\\d{1,5}") ? Integer.parseInt(said) : 0;
    }

    private void button(Element e) {
        String to = leads(e);
        if (!to.isEmpty() && !e.text().isBlank()) {
            out.add(new Block.Button(e.text(), to));
        }
    }

    private void elsewhere() {
        if (!leadsElsewhere) {
            leadsElsewhere = true;
            out.add(new Block.Words(Voice.QUIET, List.of(new Run(elsewhere, false, false, page))));
        }
    }

    private void items(Element e, boolean numbered, String href) {
        List<List<Run>> lines = e.children().stream()
                .filter(i -> !isLeftOut(i))
                .map(i -> Lines.of(i, href))
                .filter(l -> !l.isEmpty())
                .toList();
        if (!lines.isEmpty()) {
            out.add(new Block.Items(numbered, lines));
        }
    }

    /** Whether they are facts with their names, and nothing else stands between them. */
    private boolean facts(Element e) {
        return rows(
                e,
                e.select("dt").stream()
                        .map(dt -> List.of(
                                new Cell(true, Lines.of(dt, "")), new Cell(false, facts(dt.nextElementSiblings()))))
                        .toList());
    }

    private static List<Run> facts(List<Element> after) {
        List<Run> said = new ArrayList<>();
        for (Element dd : after) {
            if (!dd.normalName().equals("dd")) {
                break;
            }
            if (!said.isEmpty()) {
                said.add(Run.BREAK);
            }
            said.addAll(Lines.of(dd, ""));
        }
        return List.copyOf(said);
    }

    private boolean table(Element e) {
        Element caption = e.selectFirst("caption");
        if (caption != null) {
            caption.remove();
            line(caption, Voice.QUIET, "");
        }
        return rows(
                e,
                e.select("tr").stream()
                        .map(row -> row.select("th,td").stream()
                                .map(c -> new Cell(c.normalName().equals("th"), Lines.of(c, "")))
                                .toList())
                        .filter(r -> !r.isEmpty())
                        .toList());
    }

    /** Whether the rows say all that an element says, once: else it is none that can be read so. */
    private boolean rows(Element e, List<List<Cell>> rows) {
        String said = rows.stream()
                .flatMap(List::stream)
                .flatMap(c -> c.words().stream())
                .map(Run::words)
                .collect(Collectors.joining());
        boolean all = said.replaceAll("\\s", "").equals(e.text().replaceAll("\\s", ""));
        if (all && !rows.isEmpty()) {
            out.add(new Block.Table(rows));
        }
        return all;
    }
}
