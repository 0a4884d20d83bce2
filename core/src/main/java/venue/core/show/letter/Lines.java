package venue.core.show.letter;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/** Reads lines of words out of HTML: what is set off in them, and where they lead. */
final class Lines {

    private static final Set<String> STRONG = Set.of("strong", "b", "dt", "th");
    private static final Set<String> LEANING = Set.of("em", "i", "cite", "var", "dfn");

    private final List<Run> runs = new ArrayList<>();

    /** @param href where all of it leads; empty for nowhere */
    static List<Run> of(Element element, String href) {
        Lines lines = new Lines();
        lines.into(element, new Run("", false, false, href));
        return lines.done();
    }

    /** Adds what an element or some words say. */
    void add(Node node, String href) {
        node(node, new Run("", false, false, href));
    }

    private void into(Element element, Run like) {
        element.childNodes().forEach(n -> node(n, like));
    }

    private void node(Node node, Run like) {
        if (node instanceof TextNode text) {
            words(text.getWholeText().replaceAll("\\s+", " "), like);
        } else if (node instanceof Element element && !Blocks.isLeftOut(element)) {
            String tag = element.normalName();
            if (tag.equals("br")) {
                runs.add(Run.BREAK);
            } else {
                String href = tag.equals("a") ? Blocks.leads(element) : "";
                into(
                        element,
                        new Run(
                                "",
                                like.strong() || STRONG.contains(tag),
                                like.leaning() || LEANING.contains(tag),
                                href.isEmpty() ? like.href() : href));
            }
        }
    }

    private void words(String words, Run like) {
        boolean spaced = runs.isEmpty() || runs.get(runs.size() - 1).words().endsWith(" ") || lastBreaks();
        String said = spaced ? words.stripLeading() : words;
        if (!said.isEmpty()) {
            runs.add(new Run(said, like.strong(), like.leaning(), like.href()));
        }
    }

    private boolean lastBreaks() {
        return runs.get(runs.size() - 1).isBreak();
    }

    boolean isEmpty() {
        return runs.stream().allMatch(r -> r.words().isBlank());
    }

    /** What was read, without empty ends. */
    List<Run> done() {
        while (!runs.isEmpty() && runs.get(runs.size() - 1).words().isBlank()) {
            runs.remove(runs.size() - 1);
        }
        List<Run> done = List.copyOf(runs);
        runs.clear();
        return done;
    }
}
