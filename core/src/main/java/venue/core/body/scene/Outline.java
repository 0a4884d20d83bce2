package venue.core.body.scene;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import venue.core.model.page.Segment;

/** The headings of a page and their anchors, known before the page is written: only for pages that list them. */
public final class Outline {

    /** A heading and the anchor that leads to it. */
    public record Heading(String words, String anchor) {}

    private final List<Heading> headings = new ArrayList<>();
    private final Iterator<Heading> waiting;

    /** @param all the words of the headings, in the order in which they will be written */
    public Outline(List<String> all) {
        Set<String> taken = new LinkedHashSet<>();
        for (String words : all) {
            String anchor = "h-" + Segment.fromTitle(words);
            for (int i = 2; !taken.add(anchor); i++) {
                anchor = "h-" + Segment.fromTitle(words) + "-" + i;
            }
            headings.add(new Heading(words, anchor));
        }
        waiting = headings.iterator();
    }

    public List<Heading> headings() {
        return List.copyOf(headings);
    }

    /** The anchor of the heading that is written next; empty where the page lists none. */
    public Optional<String> next() {
        return waiting.hasNext() ? Optional.of(waiting.next().anchor()) : Optional.empty();
    }
}
