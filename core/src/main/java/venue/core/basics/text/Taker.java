package venue.core.basics.text;

import java.util.ArrayList;
import java.util.List;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeVisitor;
import venue.core.basics.link.Link;

/** Walks the cleaned tree; the only attribute that the cleaner leaves is a link's target. */
final class Taker implements NodeVisitor {

    private final List<CleanText.Part> parts = new ArrayList<>();
    private final StringBuilder plain = new StringBuilder();

    @Override
    public void head(Node node, int depth) {
        if (node instanceof TextNode) {
            plain.append(node.outerHtml());
        } else if (node instanceof Element element && depth > 0) {
            switch (element.tagName()) {
                case "a" -> {
                    flush();
                    parts.add(new CleanText.Part(CleanText.Part.Sort.LINK, "", new Link(element.attr("href"))));
                }
                case "h3" -> add(CleanText.Part.Sort.GREATER);
                case "h4" -> add(CleanText.Part.Sort.LESSER);
                default -> plain.append('<').append(element.tagName()).append('>');
            }
        }
    }

    @Override
    public void tail(Node node, int depth) {
        if (node instanceof Element element && depth > 0) {
            switch (element.tagName()) {
                case "a" -> add(CleanText.Part.Sort.LINK_END);
                case "h3" -> add(CleanText.Part.Sort.GREATER_END);
                case "h4" -> add(CleanText.Part.Sort.LESSER_END);
                case "br", "hr" -> plain.append("");
                default -> plain.append("</").append(element.tagName()).append('>');
            }
        }
    }

    private void add(CleanText.Part.Sort sort) {
        flush();
        parts.add(new CleanText.Part(sort, "", null));
    }

    private void flush() {
        if (!plain.isEmpty()) {
            parts.add(new CleanText.Part(CleanText.Part.Sort.PLAIN, plain.toString(), null));
            plain.setLength(0);
        }
    }

    List<CleanText.Part> parts() {
        flush();
        return List.copyOf(parts);
    }
}
