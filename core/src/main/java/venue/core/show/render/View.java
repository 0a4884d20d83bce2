package venue.core.show.render;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import venue.core.body.form.VisitorFacts;
import venue.core.body.listing.Asked;
import venue.core.body.scene.Guest;
import venue.core.body.search.Searcher;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Gate;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.site.BoundPage;
import venue.core.model.theme.SiteMark;
import venue.core.model.theme.StyleSheet;
import venue.core.show.filling.Offering;
import venue.core.show.gathering.Hard;
import venue.core.show.gathering.Onlooker;

/**
 * What is shown and to whom: an edition at an instant, for visitors or with the marks that managers see.
 *
 * @param origin the site's scheme, host and port, without a slash at the end
 * @param guest the member who looks, where it is one
 * @param asked what is asked of the listings of a page
 * @param hard what listings are tried on
 * @param changed when pages were last released with a change, by id; one that is not among them has changed since
 * @param facts what visitors did
 * @param lasts is told until when what is written is right
 */
public record View(
        Edition edition,
        Instant now,
        String origin,
        Mode mode,
        StyleSheet style,
        SiteMark mark,
        Wrapping wrapping,
        Visitor visitor,
        Guest guest,
        Asked asked,
        Hard hard,
        Map<String, Instant> changed,
        Searcher searcher,
        VisitorFacts facts,
        Lasts lasts) {

    /** Whom a page is written for. */
    public enum Mode {
        /** Visitors: nothing unfilled, no marks. */
        VISITOR,
        /** Managers: sections and elements can be pointed at, places to fill show their prompt. */
        MARKED
    }

    public static View of(Edition edition, Instant now, String origin, Mode mode) {
        return new View(
                edition,
                now,
                origin,
                mode,
                StyleSheet.of(edition.theme(), edition::media),
                edition.kept(SiteMark.class, () -> SiteMark.of(edition.site().name(), edition.theme())),
                Wrapping.NONE,
                mode == Mode.MARKED ? Visitor.US : Visitor.STRANGER,
                Guest.NOBODY,
                Asked.NOTHING,
                Hard.AS_IT_IS,
                Map.of(),
                Searcher.NONE,
                VisitorFacts.NONE,
                new Lasts());
    }

    /** The same, with something around its pages. */
    public View wrapped(Wrapping around) {
        return but(d -> d.wrapping = around);
    }

    /** The same, with what is asked of the listings of a page. */
    public View asking(Asked what) {
        return but(d -> d.asked = what);
    }

    /** The same, with listings tried on something else. */
    public View trying(Hard what) {
        return but(d -> d.hard = what);
    }

    /** The same as somebody sees it, without the pages of which they don't learn. */
    public View seenBy(Visitor who) {
        return but(d -> {
            d.edition = Gates.of(edition).seenBy(who);
            d.visitor = who;
        });
    }

    /** The same as a member is greeted and told of themselves. */
    public View greeting(Guest who) {
        return but(d -> d.guest = who);
    }

    /** The same, where it is known when pages changed. */
    public View knowing(Map<String, Instant> when) {
        return but(d -> d.changed = when);
    }

    /** The same, where it can be searched. */
    public View searchedBy(Searcher finder) {
        return but(d -> d.searcher = finder);
    }

    /** The same, where it is known what visitors did. */
    public View telling(VisitorFacts what) {
        return but(d -> d.facts = what);
    }

    /** The same for one page, which says until when it is right. */
    public View lasting(Lasts told) {
        return but(d -> d.lasts = told);
    }

    /** The same with the marks that managers see. */
    public View marked() {
        return but(d -> {
            d.mode = Mode.MARKED;
            d.visitor = visitor.isStranger() ? Visitor.US : visitor;
        });
    }

    private View but(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return new View(
                draft.edition,
                now,
                origin,
                draft.mode,
                style,
                mark,
                draft.wrapping,
                draft.visitor,
                draft.guest,
                draft.asked,
                draft.hard,
                draft.changed,
                draft.searcher,
                draft.facts,
                draft.lasts);
    }

    /** What of a view may be otherwise in another. */
    private static final class Draft {
        private Edition edition;
        private Mode mode;
        private Wrapping wrapping;
        private Visitor visitor;
        private Guest guest;
        private Asked asked;
        private Hard hard;
        private Map<String, Instant> changed;
        private Searcher searcher;
        private VisitorFacts facts;
        private Lasts lasts;

        Draft(View view) {
            edition = view.edition;
            mode = view.mode;
            wrapping = view.wrapping;
            visitor = view.visitor;
            guest = view.guest;
            asked = view.asked;
            hard = view.hard;
            changed = view.changed;
            searcher = view.searcher;
            facts = view.facts;
            lasts = view.lasts;
        }
    }

    public boolean isMarked() {
        return mode == Mode.MARKED;
    }

    /** Whether whoever looks may open the page. */
    public boolean shows(Page page) {
        return Gates.of(edition).opens(page, visitor);
    }

    /** Whether a link may lead whoever looks to the page: they may open it, or are told there how they could. */
    public boolean leadsTo(Page page) {
        return Gates.of(edition).leads(page, visitor);
    }

    /** Whether whoever looks is asked to sign in at the page, where it is on the site. */
    boolean asksToSignIn(Page page) {
        return Gates.of(edition).of(page).gate().meets(visitor) == Gate.Meeting.SIGN_IN;
    }

    /** The page that the site names for searching, if whoever looks may open it. */
    public Optional<Page> searchPage() {
        return bound(BoundPage.SEARCH);
    }

    /** The page that has a task, if whoever looks may open it. */
    public Optional<Page> bound(BoundPage task) {
        return task.of(edition.site()).flatMap(edition::page).filter(this::shows);
    }

    /** Whoever looks, as listings are told. */
    Onlooker onlooker() {
        return new Onlooker(
                edition,
                visitor,
                this::shows,
                isMarked(),
                localTime(),
                changed,
                facts.traces().day());
    }

    /** What there is to choose from in the forms of a page. */
    public Offering offering(Page page, Locale language) {
        return new Offering(onlooker(), facts.given(), page, language);
    }

    /** The time of day in the site's zone. */
    public LocalDateTime localTime() {
        return LocalDateTime.ofInstant(now, edition.site().zone());
    }

    Locale locale() {
        return Locale.forLanguageTag(edition.site().language());
    }

    /** Where a page is served, with scheme and host. */
    public String canonical(Page page) {
        return origin + path(page);
    }

    /** A path, percent-encoded (RFC 3986). */
    public static String encoded(String path) {
        return Paths.encode(path);
    }

    /** Where a page is served, percent-encoded (RFC 3986). */
    public String path(Page page) {
        return encoded(edition.servedAt(page));
    }
}
