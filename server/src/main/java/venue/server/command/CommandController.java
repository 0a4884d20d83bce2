package venue.server.command;

import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Hash;
import venue.core.change.edit.Command;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.server.here.Here;
import venue.server.proof.ProofFiles;
import venue.server.proof.WorkingView;
import venue.server.site.News;
import venue.server.site.SiteNews;
import venue.store.workspace.AskedRequest;
import venue.store.workspace.Done;
import venue.store.workspace.Standing;

/** Does what people ask of the working copy, and tells every open window. */
@RestController
@RequestMapping("/api/sites/{site}")
class CommandController {
    private final News news;
    private final WorkingView looks;
    private final ProofFiles files;

    CommandController(News news, WorkingView looks, ProofFiles files) {
        this.files = files;
        this.news = news;
        this.looks = looks;
    }

    /**
     * A command.
     *
     * @param seen hashes of the contents it was given upon, by item
     * @param group commands with the same group are undone together
     * @param request an id that makes sending it twice harmless
     * @param since the step that the window knows, to be told with the answer what differs since
     * @param showing the page whose proof the window shows, to be told with the answer what it shows now
     */
    record Given(
            Command command,
            Map<String, Hash> seen,
            @Nullable String group,
            String request,
            @Nullable Long since,
            @Nullable String showing) {}

    /**
     * What was done.
     *
     * @param revisions the hash of each item that was made or changed; an empty text for one that was removed
     * @param news what differs since the step that the window knows; absent where it named none
     * @param proof what the proof shows now; absent where the window named no page that is there
     */
    record Answer(
            long step,
            String name,
            List<String> items,
            Map<String, Hash> revisions,
            @Nullable SiteNews news,
            @Nullable Shown proof) {}

    /** The HTML, with marks, of a page that a window shows. */
    record Shown(String page, String html) {}

    @PostMapping("/commands")
    Answer run(Here here, @RequestBody Given given, HttpSession session) {
        Map<String, Hash> seen = given.seen() == null ? Map.of() : given.seen();
        AskedRequest asked = new AskedRequest(
                here.person().id(), here.role(), given.command(), seen, given.group(), given.request());
        return answer(here, here.workspace().run(asked), given.since(), given.showing(), session);
    }

    @PostMapping("/undo")
    Answer undo(Here here, @RequestParam(required = false) @Nullable Long since, HttpSession session) {
        return answer(here, here.workspace().undo(here.person().id(), here.role()), since, null, session);
    }

    @PostMapping("/redo")
    Answer redo(Here here, @RequestParam(required = false) @Nullable Long since, HttpSession session) {
        return answer(here, here.workspace().redo(here.person().id(), here.role()), since, null, session);
    }

    private Answer answer(Here asked, Done done, @Nullable Long since, @Nullable String showing, HttpSession session) {
        Here here = asked.after();
        Standing now = here.now();
        return new Answer(
                done.step(),
                done.name(),
                List.copyOf(done.revisions().keySet()),
                done.revisions(),
                since == null ? null : news.since(here, since, session),
                now.working()
                        .page(showing)
                        .map(p -> new Shown(
                                p.id(),
                                files.within(
                                        here,
                                        session,
                                        PageRenderer.render(looks.of(now, View.Mode.MARKED), p)
                                                .html())))
                        .orElse(null));
    }
}
