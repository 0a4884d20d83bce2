package venue.core.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.Names;
import venue.core.edition.SectionPlace;
import venue.core.fault.Refusal;
import venue.core.item.Ids;
import venue.core.page.Page;
import venue.core.pattern.Pattern;
import venue.core.section.Section;

/**
 * Keeps a section, or all sections of a page, as a pattern for other pages.
 *
 * @param section the section to keep; absent for the whole page
 * @param group the purpose under which the tray offers it
 */
@JsonTypeName("keep-pattern")
record KeepPattern(String page, @Nullable String section, String id, String name, String group)
        implements SectionCommand {

    private static final int LONGEST = 60;

    @Override
    public Change on(Desk desk) {
        Page from = desk.edition().require(Page.class, page);
        String words = Names.line("pattern", name, LONGEST, "Give it one that says what it is for.");
        Ids.check(id, "id");
        if (desk.edition().find(id).isPresent()) {
            throw Refusal.conflict("id-taken", "id", "This pattern has been kept already.", "Reload to see it.");
        }
        List<Section> sections = section == null
                ? from.zones().all().map(desk.edition()::shown).toList()
                : List.of(SectionPlace.require(desk.edition(), from, section).content());
        if (sections.isEmpty()) {
            throw Refusal.badInput(
                    "nothing-to-keep", "page", "“" + from.title() + "” has no sections.", "Add some first.");
        }
        String purpose = group.isBlank() ? "Our own" : Names.line("group", group, LONGEST, "Give a shorter one.");
        return Change.of("keep the pattern " + words, new Pattern(id, words, purpose, "", own(sections)));
    }

    private static List<Section> own(List<Section> sections) {
        List<Section> own = new ArrayList<>();
        for (Section section : sections) {
            own.add(section.withId("s" + (own.size() + 1)).withOrigin(null).with("anchor", null));
        }
        return own;
    }
}
