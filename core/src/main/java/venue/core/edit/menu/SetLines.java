package venue.core.edit.menu;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.ForEditors;
import venue.core.edition.Edition;
import venue.core.fault.Refusal;
import venue.core.item.Ids;
import venue.core.media.Media;
import venue.core.menu.Line;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.text.Letters;

/**
 * Gives a menu its lines: their order, what they say and where they lead.
 *
 * @param lines the first level, each with the lines beneath it; those have none beneath them
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
                target.withLines(lines.stream().map(check::first).toList()));
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

        private Line first(Line line) {
            return one(line)
                    .withBeneath(line.beneath().stream().map(this::second).toList());
        }

        private Line second(Line line) {
            if (!line.beneath().isEmpty()) {
                throw Refusal.badInput(
                        "too-deep",
                        "lines",
                        "Lines can't stand beneath “" + line.words(edition::page) + "”, which stands beneath another.",
                        "A menu has two levels: put them beside it.");
            }
            return one(line);
        }

        private Line one(Line line) {
            String label = label(line);
            boolean same = before.all()
                    .anyMatch(l -> l.id().equals(line.id()) && l.link().equals(line.link()));
            if (!same) {
                line.link().pageId().ifPresent(id -> edition.require(Page.class, id));
                line.link().mediaId().ifPresent(id -> edition.require(Media.class, id));
            }
            if (label == null && line.link().pageId().isEmpty()) {
                throw Refusal.badInput(
                        "line-unnamed",
                        "lines",
                        "The line to “" + line.link().target() + "” says nothing.",
                        "Write what it says; only a line to a page takes its words from there.");
            }
            return line.withLabel(label);
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
