package venue.core.live.outline;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Segments;
import venue.core.model.page.Page;
import venue.core.model.page.Segment;

/**
 * Pages as an indented list, one line each: deeper lines stand beneath the line above them. Behind the title a kind may stand in square
 * brackets, and after a bar what somebody searching should know.
 */
public final class Outline {

    /** The most pages that are named at once. */
    static final int MOST = 2_000;

    private static final int TAB = 4;
    /** A title behind a mark of a list, a kind, and a search description. */
    private static final Pattern LINE =
            Pattern.compile("(?:[-*•]\\s+)?([^|]*?)\\s*(?:\\[([^\\]|]+)])?\\s*(?:\\|(.*))?", Pattern.DOTALL);

    private record Open(int indent, String address) {}

    private Outline() {}

    /**
     * The same as rows of the plan as a table.
     *
     * @param parent the page beneath which all of them stand; absent for the top
     * @param kind the kind of those that name none; absent for the one offered first there
     */
    public static List<PlanWish> read(Edition edition, String text, @Nullable String parent, @Nullable String kind) {
        List<String> lines = text.lines().filter(l -> !l.isBlank()).toList();
        if (lines.isEmpty() || lines.size() > MOST) {
            throw Refusal.badInput(
                    "bad-count",
                    "text",
                    lines.isEmpty() ? "No page is named." : lines.size() + " pages at once; " + MOST + " can be made.",
                    "Name 1 to " + MOST + " pages, one a line.");
        }
        String top =
                edition.page(parent).map(p -> edition.plan().address(p.id())).orElse("");
        Map<String, Set<String>> taken = new HashMap<>();
        Deque<Open> open = new ArrayDeque<>();
        List<PlanWish> wishes = new ArrayList<>();
        for (String line : lines) {
            int indent = indent(line);
            while (!open.isEmpty() && open.peek().indent() >= indent) {
                open.pop();
            }
            String above = open.isEmpty() ? top : open.peek().address();
            Map<Column, String> cells = cells(line, kind);
            Set<String> siblings = taken.computeIfAbsent(above, a -> segments(edition, a));
            String segment = Segments.firstFree(siblings, Segment.fromTitle(cells.getOrDefault(Column.TITLE, "")));
            siblings.add(segment);
            cells.put(Column.ADDRESS, above + "/" + segment);
            open.push(new Open(indent, above + "/" + segment));
            wishes.add(new PlanWish(wishes.size() + 1, cells));
        }
        return wishes;
    }

    private static int indent(String line) {
        int indent = 0;
        int at = 0;
        while (Character.isWhitespace(line.charAt(at))) {
            indent += line.charAt(at++) == '\t' ? TAB : 1;
        }
        return indent;
    }

    private static Map<Column, String> cells(String line, @Nullable String kind) {
        Matcher matcher = LINE.matcher(line.strip());
        Map<Column, String> cells = new EnumMap<>(Column.class);
        if (matcher.matches()) {
            cells.put(Column.TITLE, matcher.group(1).strip());
            Optional.ofNullable(matcher.group(2))
                    .or(() -> Optional.ofNullable(kind))
                    .ifPresent(k -> cells.put(Column.KIND, k.strip()));
            Optional.ofNullable(matcher.group(3)).ifPresent(d -> cells.put(Column.SEARCH_DESCRIPTION, d.strip()));
        }
        return cells;
    }

    private static Set<String> segments(Edition edition, String above) {
        Optional<String> parent =
                above.isEmpty() ? Optional.empty() : edition.plan().pageAt(above);
        Set<String> segments = new HashSet<>();
        if (above.isEmpty() || parent.isPresent()) {
            edition.plan()
                    .beneath(parent.orElse(null))
                    .forEach(id -> segments.add(edition.require(Page.class, id).segment()));
        }
        return segments;
    }
}
