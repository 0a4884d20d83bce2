package venue.core.compare;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.page.Page;
import venue.core.section.Section;
import venue.core.text.Words;
import venue.core.value.Value;

/** What differs between two versions of a page, part by part: its facts first, then section by section. */
public final class Compared {

    /** How a part of the earlier version stands in the later one. */
    public enum State {
        SAME,
        CHANGED,
        ADDED,
        REMOVED
    }

    /**
     * A part of both versions.
     *
     * @param section the section's id; absent for the page's title and facts
     * @param before its words then, one entry for each element; empty where it was not there
     * @param after its words now
     */
    public record Part(@Nullable String section, String name, State state, List<String> before, List<String> after) {}

    private Compared() {}

    /** The parts in the order of the later version; those that are gone stand at the end. */
    public static List<Part> of(Page then, Page now) {
        List<Part> parts = new ArrayList<>();
        parts.add(
                part(null, "Title and facts", Optional.of(facts(then)), Optional.of(facts(now)), sameFacts(then, now)));
        Map<String, Section> before = byId(then);
        Map<String, Section> after = byId(now);
        after.forEach((id, section) -> {
            Section earlier = before.get(id);
            parts.add(part(
                    id,
                    section.name(),
                    Optional.ofNullable(earlier).map(Compared::words),
                    Optional.of(words(section)),
                    section.equals(earlier)));
        });
        before.forEach((id, section) -> {
            if (!after.containsKey(id)) {
                parts.add(part(id, section.name(), Optional.of(words(section)), Optional.empty(), false));
            }
        });
        return parts;
    }

    private static Part part(
            @Nullable String section,
            String name,
            Optional<List<String>> before,
            Optional<List<String>> after,
            boolean same) {
        State state =
                before.isEmpty() ? State.ADDED : after.isEmpty() ? State.REMOVED : same ? State.SAME : State.CHANGED;
        return new Part(section, name, state, before.orElse(List.of()), after.orElse(List.of()));
    }

    private static boolean sameFacts(Page then, Page now) {
        return then.title().equals(now.title())
                && then.fields().equals(now.fields())
                && then.settings().equals(now.settings());
    }

    private static Map<String, Section> byId(Page page) {
        Map<String, Section> byId = new LinkedHashMap<>();
        page.zones().all().forEach(s -> byId.put(s.id(), s));
        return byId;
    }

    private static List<String> facts(Page page) {
        List<String> facts = new ArrayList<>();
        facts.add(page.title());
        page.fields().keySet().stream()
                .sorted()
                .flatMap(k -> words(page.fields().get(k)))
                .forEach(facts::add);
        page.settings().keySet().stream()
                .sorted()
                .flatMap(k -> words(page.settings().get(k)))
                .forEach(facts::add);
        return facts;
    }

    private static List<String> words(Section section) {
        return section.elements()
                .map(e -> e.props().keySet().stream()
                        .sorted()
                        .flatMap(k -> words(e.props().get(k)))
                        .reduce("", (a, b) -> a.isEmpty() ? b : a + " · " + b))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    private static Stream<String> words(@Nullable Value value) {
        if (value instanceof Value.Text text) {
            String plain = Words.of(text.text());
            return plain.isEmpty() ? Stream.empty() : Stream.of(plain);
        }
        if (value instanceof Value.Num num) {
            return Stream.of(num.number().toPlainString());
        }
        if (value instanceof Value.Many many) {
            return many.groups().stream()
                    .flatMap(g -> g.keySet().stream().sorted().flatMap(k -> words(g.get(k))));
        }
        return Stream.empty();
    }
}
