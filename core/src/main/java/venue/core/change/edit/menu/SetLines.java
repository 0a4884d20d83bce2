package venue.core.change.edit.menu;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.text.Letters;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.edit.References;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.GateSettings;
import venue.core.model.media.Media;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;

/**
 * Gives a menu its lines: their order, what they say and where they lead.
 *
 * @param lines the first level, each with the lines beneath it, three levels at most
 */
@JsonTypeName("set-lines")
record SetLines(String menu, List<Line> lines) implements MenuCommand, ForEditors {

    private static final int MOST = 300;

    SetLines {
        lines = lines == null ? List.of() : List.copyOf(lines);
    }

    @Override
    public Change on(Desk desk) {
        Menu target = desk.edition().require(Menu.class, menu);
        Menu wanted = target.withLines(lines);
        requireCount(wanted);
        Set<String> ids = new HashSet<>();
        wanted.all().forEach(l -> {
            if (!ids.add(Ids.check(l.id(), "lines"))) {
                throw Refusal.badInput(
                        "line-twice",
                        "lines",
                        "The line “" + l.id() + "” is there twice.",
                        "Give each line its own id.");
            }
        });
        Check check = new Check(desk.edition(), target);
        return Change.of(
                "arrange " + target.name(),
                target.withLines(lines.stream().map(l -> check.on(l, 1)).toList()));
    }

    private static void requireCount(Menu wanted) {
        long count = wanted.all().count();
        if (count > MOST) {
            throw Refusal.badInput(
                    "too-many-lines",
                    "lines",
                    count + " lines; a menu takes " + MOST + ".",
                    "Take some out: a listing shows many pages better than a menu.");
        }
    }

    /** Holds each line to what a line may be; one that was so before may stay so. */
    private record Check(Edition edition, Menu before) {

        private Line on(Line line, int level) {
            requireRoom(line, level);
            return one(line)
                    .withBeneath(
                            line.beneath().stream().map(b -> on(b, level + 1)).toList());
        }

        private void requireRoom(Line line, int level) {
            boolean deep = level == Menu.LEVELS && !line.beneath().isEmpty();
            if (deep || line.follows() < 0 || level + line.follows() > Menu.LEVELS) {
                throw Refusal.badInput(
                        "too-deep",
                        "lines",
                        "“" + line.words(edition::page) + "” stands on level " + level + " and would have "
                                + (deep ? "a line" : line.follows() + " levels of pages") + " beneath it.",
                        "A menu has " + Menu.LEVELS + " levels: put it higher, or less beneath it.");
            }
            if (line.follows() > 0 && line.pageId().isEmpty()) {
                throw Refusal.badInput(
                        "follows-nothing",
                        "lines",
                        "“" + line.words(edition::page) + "” leads to no page, so it has no branch to follow.",
                        "Lead it to a page, or put lines beneath it by hand.");
            }
        }

        private Line one(Line line) {
            String label = label(line);
            boolean same =
                    before.all().anyMatch(l -> l.id().equals(line.id()) && Objects.equals(l.link(), line.link()));
            if (!same && line.link() != null) {
                line.link().pageId().ifPresent(id -> edition.require(Page.class, id));
                line.link().mediaId().ifPresent(id -> edition.require(Media.class, id));
            }
            if (label == null && line.pageId().isEmpty()) {
                throw Refusal.badInput(
                        "line-unnamed",
                        "lines",
                        line.link() == null
                                ? "A heading says nothing."
                                : "The line to “" + line.link().target() + "” says nothing.",
                        "Write what it says; only a line to a page takes its words from there.");
            }
            return line.withLabel(label)
                    .withSettings(References.checked(edition, GateSettings.ofSections(), line.settings(), "lines"));
        }

        private @Nullable String label(Line line) {
            String words = Letters.line(Objects.requireNonNullElse(line.label(), ""));
            if (words.length() > Menu.LONGEST_LABEL) {
                throw Refusal.badInput(
                        "label-too-long",
                        "lines",
                        "“" + words.substring(0, 40) + "…” has " + words.length() + " characters; " + Menu.LONGEST_LABEL
                                + " fit.",
                        "Shorten it: a menu is read at a glance.");
            }
            return Letters.isUnseen(words) ? null : words;
        }
    }
}
