package venue.core.change.edit.pattern;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.SectionPlace;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.Section;

/**
 * Makes a pattern: from nothing, as a copy of another, or from sections of a page, which stays as it is.
 *
 * @param group the purpose under which it is offered
 * @param from the pattern to copy
 * @param page the page whose sections to keep
 * @param sections which of them, in the order in which they are to stand; absent for all that it has
 */
@JsonTypeName("make-pattern")
record MakePattern(
        String id,
        String name,
        String group,
        @Nullable String from,
        @Nullable String page,
        @Nullable List<String> sections)
        implements PatternCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Ids.check(id, "id");
        if (edition.find(id).isPresent()) {
            throw Refusal.conflict("id-taken", "id", "This pattern has been made already.", "Reload to see it.");
        }
        String words = PatternNames.check(edition, id, name);
        Pattern source = from == null ? null : edition.require(Pattern.class, from);
        String note = source == null ? "" : source.note();
        List<Section> own = own(held(edition, source));
        return Change.of("make the pattern " + words, new Pattern(id, words, PatternNames.group(group), note, own));
    }

    private List<Section> held(Edition edition, @Nullable Pattern source) {
        if (page != null) {
            return wanted(edition, edition.require(Page.class, page));
        }
        return source == null ? List.of() : source.sections();
    }

    private List<Section> wanted(Edition edition, Page of) {
        List<Section> kept = sections == null
                ? edition.worn(of).template().zones().stream()
                        .flatMap(z -> of.zones().in(z.key()).stream())
                        .map(edition::shown)
                        .toList()
                : sections.stream()
                        .map(s -> SectionPlace.require(edition, of, s).content())
                        .toList();
        if (kept.isEmpty()) {
            throw Refusal.badInput(
                    "nothing-to-keep",
                    "sections",
                    "No section of “" + of.title() + "” is chosen.",
                    "Choose one, or make a pattern from nothing.");
        }
        return kept;
    }

    private static List<Section> own(List<Section> held) {
        List<Section> own = new ArrayList<>();
        for (Section section : held) {
            own.add(section.withId("s" + (own.size() + 1)).withOrigin(null).with("anchor", null));
        }
        return own;
    }
}
