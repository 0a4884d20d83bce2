package venue.core.menu;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.fault.Refusal;
import venue.core.item.Item;
import venue.core.link.Link;

/**
 * A menu, two levels deep.
 *
 * @param place where frames show it: {@code main} in the header, {@code foot} in the footer
 */
public record Menu(String id, String name, String place, List<Line> lines) implements Item {

    /** The longest label of a line, in characters. */
    public static final int LONGEST_LABEL = 80;

    public Menu {
        lines = lines == null ? List.of() : List.copyOf(lines);
    }

    public Menu withLines(List<Line> changed) {
        return new Menu(id, name, place, changed);
    }

    /** All lines, each before the ones beneath it. */
    public Stream<Line> all() {
        return lines.stream().flatMap(l -> Stream.concat(Stream.of(l), l.beneath().stream()));
    }

    /** The first line that leads to the page. */
    public Optional<Line> lineTo(String pageId) {
        return all().filter(l -> l.leadsTo(pageId)).findFirst();
    }

    /** The line above the one that leads to the page, when that stands on the second level. */
    public Optional<Line> above(String lineId) {
        return lines.stream()
                .filter(l -> l.beneath().stream().anyMatch(b -> b.id().equals(lineId)))
                .findFirst();
    }

    /** Adds a line at {@code index} of the level beneath {@code above}, or of the first level. */
    public Menu insert(@Nullable String above, int index, Line line) {
        if (above == null) {
            return withLines(inserted(lines, index, line));
        }
        return change(above, l -> l.withBeneath(inserted(l.beneath(), index, line)));
    }

    /** With a line to a page: beneath the line of the page above it where there is one in the first level, else at the end. */
    public Menu withPage(String page, @Nullable String parent, String lineId) {
        Line line = new Line(lineId, Link.toPage(page), null, List.of());
        Optional<Line> above = parent == null ? Optional.empty() : lineTo(parent);
        return insert(above.filter(lines::contains).map(Line::id).orElse(null), Integer.MAX_VALUE, line);
    }

    /**
     * With the line to a page where {@link #withPage} would put it now that the page stands beneath {@code parent}; empty where it
     * stands so already, or has lines beneath it that would be a third level.
     */
    public Optional<Menu> followed(String page, @Nullable String parent) {
        Optional<Line> line = lineTo(page);
        Optional<Line> to = parent == null ? Optional.empty() : lineTo(parent).filter(lines::contains);
        boolean same = line.flatMap(l -> above(l.id())).equals(to);
        if (line.isEmpty() || same || to.isPresent() && !line.get().beneath().isEmpty()) {
            return Optional.empty();
        }
        Menu without = remove(line.get().id());
        return Optional.of(without.insert(to.map(Line::id).orElse(null), Integer.MAX_VALUE, line.get()));
    }

    public Menu change(String lineId, UnaryOperator<Line> change) {
        require(lineId);
        return withLines(lines.stream()
                .map(l -> l.id().equals(lineId) ? change.apply(l) : l)
                .map(l -> l.withBeneath(l.beneath().stream()
                        .map(b -> b.id().equals(lineId) ? change.apply(b) : b)
                        .toList()))
                .toList());
    }

    /** Takes a line out; those beneath it go with it. */
    public Menu remove(String lineId) {
        require(lineId);
        return withLines(lines.stream()
                .filter(l -> !l.id().equals(lineId))
                .map(l -> l.withBeneath(
                        l.beneath().stream().filter(b -> !b.id().equals(lineId)).toList()))
                .toList());
    }

    private void require(String lineId) {
        if (all().noneMatch(l -> l.id().equals(lineId))) {
            throw Refusal.unknown("menu-line", lineId);
        }
    }

    private static List<Line> inserted(List<Line> lines, int index, Line line) {
        List<Line> changed = new ArrayList<>(lines);
        changed.add(Math.max(0, Math.min(index, changed.size())), line);
        return changed;
    }
}
