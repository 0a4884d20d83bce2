package venue.core.menu;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import venue.core.link.Link;
import venue.core.page.Page;

/** A line of a menu. One that points at a page follows it and takes its title, unless given a label. */
public record Line(String id, Link link, @Nullable String label, List<Line> beneath) {

    public Line {
        beneath = beneath == null ? List.of() : List.copyOf(beneath);
    }

    public Line withBeneath(List<Line> lines) {
        return new Line(id, link, label, lines);
    }

    public Line withLabel(@Nullable String words) {
        return new Line(id, link, words, beneath);
    }

    /**
     * What it says: its own label, else that of the page it leads to, else the address.
     *
     * @param pages finds a page by its id
     */
    public String words(Function<String, Optional<Page>> pages) {
        return label != null && !label.isBlank()
                ? label
                : link.pageId().flatMap(pages).map(Page::menuLabel).orElse(link.target());
    }

    /** Whether it leads to this page. */
    public boolean leadsTo(String pageId) {
        return link.pageId().filter(pageId::equals).isPresent();
    }
}
