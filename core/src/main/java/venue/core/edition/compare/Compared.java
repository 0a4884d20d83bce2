package venue.core.edition.compare;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;

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

    /** Types whose values are told as they are written. */
    private static final Set<PropertyType> TOLD = EnumSet.of(
            PropertyType.WORDS,
            PropertyType.LINES,
            PropertyType.RICH,
            PropertyType.NUMBER,
            PropertyType.DATE,
            PropertyType.DATE_TIME,
            PropertyType.MANY);

    private Compared() {}

    /** The parts in the order of the later version; those that are gone stand at the end. */
    public static List<Part> of(Page then, Page now) {
        List<Part> parts = new ArrayList<>();
        parts.add(
                part(null, "Title and facts", Optional.of(facts(then)), Optional.of(facts(now)), sameFacts(then, now)));
        parts.addAll(sections(then, now));
        return parts;
    }

    /** The sections alone, of whatever holds some. */
    public static List<Part> sections(Sectioned then, Sectioned now) {
        List<Part> parts = new ArrayList<>();
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

    private static Map<String, Section> byId(Sectioned item) {
        Map<String, Section> byId = new LinkedHashMap<>();
        item.body().all().forEach(s -> byId.put(s.id(), s));
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

    /** What people read in a section, an element a line. */
    public static List<String> words(Section section) {
        return section.elements()
                .map(e -> Elements.find(e.kind())
                        .map(k -> String.join(
                                " · ", words(k.properties(), e.props()).toList()))
                        .orElse(""))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    /** What people read of an element, in the order of its declaration; how it looks and where it leads are no words. */
    private static Stream<String> words(List<Property> declared, Map<String, Value> values) {
        return declared.stream()
                .filter(p -> TOLD.contains(p.type()))
                .flatMap(p -> values.get(p.key()) instanceof Value.Many many
                        ? many.groups().stream().flatMap(g -> words(p.entries(), g))
                        : words(values.get(p.key())));
    }

    private static Stream<String> words(@Nullable Value value) {
        if (value instanceof Value.Text text) {
            String plain = Words.of(text.text());
            return plain.isEmpty() ? Stream.empty() : Stream.of(plain);
        }
        return value instanceof Value.Num num ? Stream.of(num.number().toPlainString()) : Stream.empty();
    }
}
