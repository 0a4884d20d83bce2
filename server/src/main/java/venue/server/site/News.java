package venue.server.site;

import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.check.survey.Severity;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Tally;
import venue.core.model.page.Page;
import venue.server.answer.NewAnswers;
import venue.server.app.Origins;
import venue.server.delivery.Delivering;
import venue.server.event.Events;
import venue.server.here.Here;
import venue.server.plan.PlanRows;
import venue.server.proof.ProofPass;
import venue.server.survey.Surveyed;
import venue.store.journal.Journal;
import venue.store.live.AskedReleases;
import venue.store.live.PlannedReleases.Planned;
import venue.store.workspace.Releasing;
import venue.store.workspace.Standing;

/** What a window needs to know after a step, wherever it asks for it: its bytes don't grow with the site. */
@Component
public class News {

    private final Origins origins;
    private final ProofPass passes;
    private final Events events;
    private final PlanRows rows;
    private final Surveyed surveyed;
    private final NewAnswers answersTold;
    private final AskedReleases asked;
    private final Delivering delivering;

    News(
            Origins origins,
            ProofPass passes,
            Events events,
            PlanRows rows,
            Surveyed surveyed,
            NewAnswers answersTold,
            AskedReleases asked,
            Delivering delivering) {
        this.delivering = delivering;
        this.asked = asked;
        this.answersTold = answersTold;
        this.surveyed = surveyed;
        this.origins = origins;
        this.passes = passes;
        this.events = events;
        this.rows = rows;
    }

    /** What differs since a step that the window knows; -1 for the whole plan. */
    public SiteNews since(Here here, long step, HttpSession session) {
        return new SiteNews(standing(here, session), rows.since(here.workspace(), here.now(), step));
    }

    SiteStanding standing(Here here, HttpSession session) {
        SiteId site = here.site();
        PersonId who = here.person().id();
        Journal journal = here.workspace().journal();
        Standing standing = here.now();
        Edition working = standing.working();
        String origin = origins.of(working.site());
        Tally tally = standing.tally();
        Optional<Journal.Group> undo = journal.undoable(site, who);
        Optional<Journal.Group> redo = journal.redoable(site, who);
        return new SiteStanding(
                new SiteStanding.Named(
                        site,
                        working.site().name(),
                        here.role(),
                        origin,
                        origin + "/-/proof/" + passes.issue(site, who, session) + "/"),
                new SiteStanding.Steps(
                        standing.step(), standing.shaped(), standing.release(), standing.changes(), coming(here)),
                new SiteStanding.Home(
                        working.site().home(), working.home().map(Page::title).orElse("none")),
                new SiteStanding.Pages(tally.pages(), tally.toFill()),
                findings(surveyed.of(here.workspace(), standing), answersTold.fresh(here)),
                new SiteStanding.Turning(
                        undo.map(Journal.Group::name).orElse(null),
                        undo.map(Journal.Group::item).orElse(null),
                        redo.map(Journal.Group::name).orElse(null),
                        redo.map(Journal.Group::item).orElse(null)),
                events.here(site));
    }

    private SiteStanding.OnTheWay coming(Here here) {
        Releasing releasing = here.workspace().releasing();
        List<Planned> planned = releasing.planned();
        return new SiteStanding.OnTheWay(
                planned.size(),
                planned.stream().findFirst().map(Planned::wanted).orElse(null),
                (int) planned.stream().filter(releasing::isOverdue).count(),
                asked.open(here.site(), here.now().waits().ids()),
                delivering.lagging(here.site()).size());
    }

    private static SiteStanding.FoundHere findings(Surveyed.Found found, int newAnswers) {
        return new SiteStanding.FoundHere(
                found.count(Severity.MUST_FIX),
                found.count(Severity.SHOULD_FIX),
                found.count(Severity.NOTE),
                found.survey().failed().stream().map(Survey.RuleInfo::name).toList(),
                newAnswers);
    }
}
