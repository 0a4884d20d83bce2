package venue.core.basics.text;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.jsoup.select.NodeTraversor;
import org.jspecify.annotations.Nullable;
import venue.core.basics.link.Link;
import venue.core.basics.link.Way;

/**
 * A cleaned text taken apart once, so that writing it again costs no parsing: plain stretches, and the places where links
 * and small headings depend on the page around. The texts used last are remembered.
 */
final class CleanText {

    private static final int REMEMBERED = 20_000;
    private static final int DEEPEST = 6;

    private static final Map<String, CleanText> KNOWN =
            Collections.synchronizedMap(new LinkedHashMap<>(1024, 0.75f, true) {
                @Override
                protected boolean removeEldestEntry(Map.Entry<String, CleanText> eldest) {
                    return size() > REMEMBERED;
                }
            });

    /** A stretch as it is, or a place that depends on the page. */
    record Part(Sort sort, String text, @Nullable Link link) {
        enum Sort {
            PLAIN,
            LINK,
            LINK_END,
            GREATER,
            GREATER_END,
            LESSER,
            LESSER_END
        }
    }

    private final List<Part> parts;
    private final int length;

    private CleanText(List<Part> parts) {
        this.parts = parts;
        length = parts.stream().mapToInt(p -> p.text().length() + 40).sum();
    }

    static CleanText of(String html) {
        CleanText known = KNOWN.get(html);
        if (known == null) {
            Taker taker = new Taker();
            NodeTraversor.traverse(taker, HtmlCleaner.cleaned(html));
            known = new CleanText(taker.parts());
            KNOWN.put(html, known);
        }
        return known;
    }

    SafeHtml write(Function<Link, Optional<Way>> target, int topHeading) {
        StringBuilder out = new StringBuilder(length);
        Optional<Way> way = Optional.empty();
        for (Part part : parts) {
            switch (part.sort()) {
                case PLAIN -> out.append(part.text());
                case LINK -> {
                    way = target.apply(Objects.requireNonNull(part.link()));
                    way.ifPresent(w ->
                            out.append("<a href=\"").append(escaped(w.href())).append("\">"));
                }
                case LINK_END ->
                    way.ifPresent(w -> out.append(escaped(w.after())).append("</a>"));
                case GREATER -> out.append("<h").append(topHeading).append(" class=\"z-medium\">");
                case LESSER -> out.append("<h").append(lesser(topHeading)).append(" class=\"z-small\">");
                case GREATER_END -> out.append("</h").append(topHeading).append('>');
                case LESSER_END -> out.append("</h").append(lesser(topHeading)).append('>');
            }
        }
        return new SafeHtml(out.toString());
    }

    private static int lesser(int topHeading) {
        return Math.min(DEEPEST, topHeading + 1);
    }

    private static String escaped(String href) {
        return href.replace("&", "&amp;").replace("\"", "&quot;").replace("<", "&lt;");
    }
}
