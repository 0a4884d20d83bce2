package venue.core.text;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeTraversor;
import org.jsoup.select.NodeVisitor;
import org.jspecify.annotations.Nullable;
import venue.core.link.Link;

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
    private record Part(Sort sort, String text, @Nullable Link link) {
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

    SafeHtml write(Function<Link, Optional<String>> target, int topHeading) {
        StringBuilder out = new StringBuilder(length);
        boolean linked = false;
        for (Part part : parts) {
            switch (part.sort()) {
                case PLAIN -> out.append(part.text());
                case LINK -> {
                    Optional<String> href = target.apply(Objects.requireNonNull(part.link()));
                    linked = href.isPresent();
                    href.ifPresent(
                            h -> out.append("<a href=\"").append(escaped(h)).append("\">"));
                }
                case LINK_END -> out.append(linked ? "</a>" : "");
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

    /** Walks the cleaned tree; the only attribute that the cleaner leaves is a link's target. */
    private static final class Taker implements NodeVisitor {

        private final List<Part> parts = new ArrayList<>();
        private final StringBuilder plain = new StringBuilder();

        @Override
        public void head(Node node, int depth) {
            if (node instanceof TextNode) {
                plain.append(node.outerHtml());
            } else if (node instanceof Element element && depth > 0) {
                switch (element.tagName()) {
                    case "a" -> {
                        flush();
                        parts.add(new Part(Part.Sort.LINK, "", new Link(element.attr("href"))));
                    }
                    case "h3" -> add(Part.Sort.GREATER);
                    case "h4" -> add(Part.Sort.LESSER);
                    default -> plain.append('<').append(element.tagName()).append('>');
                }
            }
        }

        @Override
        public void tail(Node node, int depth) {
            if (node instanceof Element element && depth > 0) {
                switch (element.tagName()) {
                    case "a" -> add(Part.Sort.LINK_END);
                    case "h3" -> add(Part.Sort.GREATER_END);
                    case "h4" -> add(Part.Sort.LESSER_END);
                    case "br", "hr" -> plain.append("");
                    default -> plain.append("</").append(element.tagName()).append('>');
                }
            }
        }

        private void add(Part.Sort sort) {
            flush();
            parts.add(new Part(sort, "", null));
        }

        private void flush() {
            if (!plain.isEmpty()) {
                parts.add(new Part(Part.Sort.PLAIN, plain.toString(), null));
                plain.setLength(0);
            }
        }

        List<Part> parts() {
            flush();
            return List.copyOf(parts);
        }
    }
}
