package venue.server.plan;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.change.edit.Command;
import venue.core.live.release.Foreseen;
import venue.server.here.Here;

/** What would come of commands, before they are given. */
@RestController
@RequestMapping("/api/sites/{site}/foreseen")
class ForeseenController {

    private static final int MOST = 40;

    /** Commands that may be given together: each works on what those before it would make. */
    record Considered(List<Command> commands) {}

    /**
     * What would come of them.
     *
     * @param pages how many pages change, are made or go
     * @param moves of how many pages the address changes
     * @param moving the first 40 of them
     * @param refused the first 40 that are refused; all else is told without those
     * @param refusals how many are refused
     */
    record Coming(
            int pages,
            int moves,
            List<Foreseen.Moving> moving,
            Foreseen.Leading leading,
            ComingElse rest,
            List<Foreseen.Refused> refused,
            int refusals) {}

    /**
     * What else would come of them.
     *
     * @param menus the names of menus whose lines lead elsewhere, or go
     * @param seen how many pages more or fewer people would see
     */
    record ComingElse(List<String> menus, Foreseen.Seen seen, Foreseen.Shelved shelved) {}

    @PostMapping
    Coming foreseen(Here here, @RequestBody Considered considered) {
        List<Command> commands = considered.commands() == null ? List.of() : considered.commands();
        Foreseen told = Foreseen.of(here.workspace().desk(here.role()), commands);
        return new Coming(
                told.pages(),
                told.moves().size(),
                told.moves().stream().limit(MOST).toList(),
                told.leading(),
                new ComingElse(told.menus(), told.seen(), told.shelved()),
                told.refused().stream().limit(MOST).toList(),
                told.refused().size());
    }
}
