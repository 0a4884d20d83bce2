package venue.core.check.survey;

import java.util.stream.Stream;
import org.jsoup.nodes.Document;

/** Headings within a text that skip a level, and a second first one. */
final class HeadingsSkip extends ContentRule {

    HeadingsSkip() {
        super(
                "headings-skip",
                "Headings that skip a level",
                Severity.SHOULD_FIX,
                "Who is read the page to loses how its parts belong together (WCAG 2.2, 1.3.1).");
    }

    @Override
    Stream<Finding> find(At at) {
        return rich(at.element(), "<h4").stream()
                .filter(HeadingsSkip::skips)
                .limit(1)
                .map(text -> at.finding(
                        this,
                        "A text begins with a smaller heading than the first that it may have, or leaves one out."));
    }

    /** Headings of texts are h3 and h4. */
    private static boolean skips(Document text) {
        return text.select("h3, h4").stream()
                .findFirst()
                .filter(first -> first.normalName().equals("h4"))
                .isPresent();
    }
}
