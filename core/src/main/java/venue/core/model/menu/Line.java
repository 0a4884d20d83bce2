package venue.core.model.menu;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.gate.Audience;
import venue.core.model.gate.GateSettings;
import venue.core.model.page.Page;

/**
 * A line of a menu. One that points at a page follows it and takes its title, unless given a label.
 *
 * @param link where it leads; absent for a heading over the lines beneath it
 * @param settings the values of {@link GateSettings#ofSections}: to whom it is shown, of those who may open what it leads to
 * @param follows how many levels of its page's branch of the plan stand beneath it by themselves, before its own lines: 0 to 2
 */
public record Line(
        String id,
        @Nullable Link link,
        @Nullable String label,
        int follows,
        @Nullable Map<String, Value> settings,
        List<Line> beneath) {

    public Line {
        settings = Values.copy(settings);
        beneath = beneath == null ? List.of() : List.copyOf(beneath);
    }

    /** None for whoever says nothing of them. */
    @Override
    public Map<String, Value> settings() {
        return Objects.requireNonNull(settings);
    }

    /** One that takes a page's title, with nothing beneath it. */
    public static Line toPage(String id, String page) {
        return new Line(id, Link.toPage(page), null, 0, Map.of(), List.of());
    }

    public Line withBeneath(List<Line> lines) {
        return new Line(id, link, label, follows, settings, lines);
    }

    public Line withLabel(@Nullable String words) {
        return new Line(id, link, words, follows, settings, beneath);
    }

    public Line withSettings(Map<String, Value> all) {
        return new Line(id, link, label, follows, all, beneath);
    }

    /** To whom it is shown, of those who may open what it leads to. */
    public Audience shownTo() {
        return GateSettings.shownTo(settings());
    }

    /** The page that it leads to. */
    public Optional<String> pageId() {
        return link == null ? Optional.empty() : link.pageId();
    }

    /**
     * What it says: its own label, else that of the page it leads to, else the address.
     *
     * @param pages finds a page by its id
     */
    public String words(Function<String, Optional<Page>> pages) {
        return label != null && !label.isBlank()
                ? label
                : pageId().flatMap(pages).map(Page::menuLabel).orElse(link == null ? "" : link.target());
    }

    /** Whether it leads to this page. */
    public boolean leadsTo(String page) {
        return pageId().filter(page::equals).isPresent();
    }

    /** Itself, and every line beneath it, each before the ones beneath it. */
    Stream<Line> all() {
        return Stream.concat(Stream.of(this), beneath.stream().flatMap(Line::all));
    }

    /** How many levels it takes, itself among them. */
    int height() {
        return 1
                + Math.max(
                        follows, beneath.stream().mapToInt(Line::height).max().orElse(0));
    }

    boolean holds(Predicate<Line> which) {
        return beneath.stream().anyMatch(which);
    }
}
