package venue.core.change.edit.section;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.edition.edition.SectionPlace.Reach;

/** What is done to sections and the elements in them, wherever they stand. */
public sealed interface SectionCommand extends Command
        permits PlaceSection,
                MoveSection,
                CopySection,
                RemoveSection,
                ReachSection,
                NameSection,
                SetColumns,
                PlaceElement,
                MoveElement,
                RemoveElement,
                TakePattern,
                FollowAgain,
                GiveToOrigin {
    static SectionCommand placeSection(
            String item,
            String zone,
            int index,
            String id,
            @Nullable String pattern,
            @Nullable String shared,
            List<Integer> spans) {
        return new PlaceSection(item, zone, index, id, pattern, shared, spans);
    }

    static SectionCommand moveSection(String item, String section, String zone, int index) {
        return new MoveSection(item, section, zone, index);
    }

    static SectionCommand copySection(String item, String section, String id) {
        return new CopySection(item, section, id);
    }

    static SectionCommand removeSection(String item, String section) {
        return new RemoveSection(item, section);
    }

    static SectionCommand reachSection(String page, String section, Reach to) {
        return new ReachSection(page, section, to);
    }

    static SectionCommand nameSection(String item, String section, String name) {
        return new NameSection(item, section, name);
    }

    static SectionCommand placeElement(
            String item, String section, String column, int index, String id, String kind, Map<String, Value> props) {
        return new PlaceElement(item, section, column, index, id, kind, props);
    }

    static SectionCommand takePattern(String page, String pattern) {
        return new TakePattern(page, pattern);
    }

    static SectionCommand followAgain(String page, String section) {
        return new FollowAgain(page, section);
    }

    static SectionCommand giveToOrigin(String page, String section) {
        return new GiveToOrigin(page, section);
    }
}
