package venue.core.change.command;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import venue.core.change.edit.Command;
import venue.core.change.edit.entry.EntryCommand;
import venue.core.change.edit.form.FormCommand;
import venue.core.change.edit.gate.GateCommand;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.look.LookCommand;
import venue.core.change.edit.media.MediaCommand;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.pattern.PatternCommand;
import venue.core.change.edit.redirect.RedirectCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.site.SiteCommand;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.change.edit.whole.WholeCommand;

/** All commands, area by area. */
public final class Commands {

    private static final List<Class<? extends Command>> AREAS = List.of(
            PageCommand.class,
            SectionCommand.class,
            TemplateCommand.class,
            PatternCommand.class,
            KindCommand.class,
            EntryCommand.class,
            MediaCommand.class,
            MenuCommand.class,
            GateCommand.class,
            FormCommand.class,
            RedirectCommand.class,
            LookCommand.class,
            ValueCommand.class,
            SiteCommand.class,
            WholeCommand.class);

    private Commands() {}

    /** Every command. */
    public static Stream<Class<? extends Command>> all() {
        return AREAS.stream()
                .flatMap(area -> Stream.of(area.getPermittedSubclasses()))
                .map(c -> c.<Command>asSubclass(Command.class));
    }

    /** Commands that can be sent, in the order of their verbs. */
    public static List<Class<? extends Command>> onTheWire() {
        return all().filter(c -> c.isAnnotationPresent(JsonTypeName.class))
                .sorted(Comparator.comparing(Commands::verb))
                .toList();
    }

    /** What a command is called on the wire. */
    public static String verb(Class<? extends Command> command) {
        return command.getAnnotation(JsonTypeName.class).value();
    }
}
