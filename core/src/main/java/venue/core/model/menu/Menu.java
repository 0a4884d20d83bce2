package venue.core.model.menu;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;

/** A menu, up to three levels deep. Where it is shown is said there: by the site, or by the element that shows it. */
public record Menu(String id, String name, List<Line> lines) implements Item {

    /** The longest label of a line, in characters. */
    public static final int LONGEST_LABEL = 80;

    /** How many levels of lines a menu has at most. */
    public static final int LEVELS = 3;

    public Menu {
        lines = lines == null ? List.of() : List.copyOf(lines);
    }

    public Menu withLines(List<Line> changed) {
        return new Menu(id, name, changed);
    }

    public Menu called(String words) {
        return new Menu(id, words, lines);
    }

    /** All lines, each before the ones beneath it. */
    public Stream<Line> all() {
        return lines.stream().flatMap(Line::all);
    }

    @Override
    public Stream<String> leadsTo() {
        return all().flatMap(l -> l.pageId().stream());
    }

    /** The first line that leads to the page. */
    public Optional<Line> lineTo(String pageId) {
        return all().filter(l -> l.leadsTo(pageId)).findFirst();
    }

    /** The line right above one, where that is not on the first level. */
    public Optional<Line> above(String lineId) {
        return all().filter(l -> l.holds(b -> b.id().equals(lineId))).findFirst();
    }

    /** The level on which a line stands, from 1. */
    public int level(String lineId) {
        return above(lineId).map(l -> 1 + level(l.id())).orElse(1);
    }

    /** Adds a line at {@code index} of the level beneath {@code above}, or of the first level. */
    public Menu insert(@Nullable String above, int index, Line line) {
        if (above == null) {
            return withLines(inserted(lines, index, line));
        }
        return change(above, l -> l.withBeneath(inserted(l.beneath(), index, line)));
    }

    /** With a line to a page: beneath the line of the page above it where there is one and room beneath it, else at the end. */
    public Menu withPage(String page, @Nullable String parent, String lineId) {
        Line line = Line.toPage(lineId, page);
        return insert(home(line, parent).map(Line::id).orElse(null), Integer.MAX_VALUE, line);
    }

    /**
     * With the line to a page where {@link #withPage} would put it now that the page stands beneath {@code parent}; empty where it
     * stands so already, or has more beneath it than there is room for.
     */
    public Optional<Menu> goneAlong(String page, @Nullable String parent) {
        Optional<Line> line = lineTo(page);
        if (line.isEmpty()) {
            return Optional.empty();
        }
        Menu without = remove(line.get().id());
        Optional<Line> over = parent == null ? Optional.empty() : without.lineTo(parent);
        Optional<Line> to = without.home(line.get(), parent);
        Optional<String> was = above(line.get().id()).map(Line::id);
        return !over.equals(to) || was.equals(to.map(Line::id))
                ? Optional.empty()
                : Optional.of(without.insert(to.map(Line::id).orElse(null), Integer.MAX_VALUE, line.get()));
    }

    /** The line of the page above, where there is room beneath it for this one with all that it has beneath. */
    private Optional<Line> home(Line line, @Nullable String parent) {
        Optional<Line> over = parent == null ? Optional.empty() : lineTo(parent);
        return over.filter(l -> level(l.id()) + line.height() <= LEVELS);
    }

    public Menu change(String lineId, UnaryOperator<Line> change) {
        require(lineId);
        return each(l -> l.id().equals(lineId) ? change.apply(l) : l);
    }

    /** Takes a line out; those beneath it go with it. */
    public Menu remove(String lineId) {
        require(lineId);
        return without(l -> l.id().equals(lineId));
    }

    /** Without the lines that are so, and those beneath them. */
    public Menu without(Predicate<Line> which) {
        return withLines(flat(lines, l -> which.test(l) ? Stream.empty() : Stream.of(l)));
    }

    /** With every line as it is to be; those beneath a line are changed before it. */
    public Menu each(UnaryOperator<Line> change) {
        return withLines(flat(lines, l -> Stream.of(change.apply(l))));
    }

    private static List<Line> flat(List<Line> lines, Function<Line, Stream<Line>> change) {
        return lines.stream()
                .map(l -> l.withBeneath(flat(l.beneath(), change)))
                .flatMap(change)
                .toList();
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
