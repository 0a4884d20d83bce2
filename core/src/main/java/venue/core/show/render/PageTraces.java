package venue.core.show.render;

import java.time.LocalDateTime;
import java.util.List;
import venue.core.body.scene.SceneTraces;
import venue.core.body.trace.Comment;
import venue.core.body.trace.CommentRule;
import venue.core.body.trace.Rating;
import venue.core.body.trace.Traces;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.show.filling.CommentRules;

/** What visitors left on pages, as one page tells of it. */
final class PageTraces implements SceneTraces {

    /** So many times more are looked through than are wanted: some stand on pages that not everybody may open. */
    private static final int LOOKED_THROUGH = 5;

    private final View view;
    private final Page page;
    private final PageNeeds needs;

    PageTraces(View view, Page page, PageNeeds needs) {
        this.view = view;
        this.page = page;
        this.needs = needs;
    }

    private Traces traces() {
        return view.facts().traces();
    }

    @Override
    public CommentRule rule() {
        return rule(page);
    }

    private CommentRule rule(Page of) {
        return CommentRules.of(view.edition(), of, view.localTime().toLocalDate());
    }

    @Override
    public List<Comment> comments() {
        return traces().comments().on(page.id());
    }

    @Override
    public int comments(Page of) {
        return rule(of).shows() ? traces().comments().count(of.id()) : 0;
    }

    @Override
    public List<Said> newest(int most) {
        return traces().comments().newest(most * LOOKED_THROUGH).stream()
                .flatMap(c -> view
                        .edition()
                        .page(c.page())
                        .filter(view::leadsTo)
                        .filter(p -> rule(p).shows())
                        .map(p -> new Said(c, p))
                        .stream())
                .limit(most)
                .toList();
    }

    @Override
    public String when(Comment comment) {
        return LocalDateTime.ofInstant(comment.at(), view.edition().site().zone())
                .withSecond(0)
                .withNano(0)
                .toString();
    }

    @Override
    public Rating rating(Page of) {
        return traces().ratings().of(of.id());
    }

    @Override
    public boolean rates() {
        return !PageSettings.isRatingClosed(page);
    }

    @Override
    public void written() {
        needs.needTraces();
    }

    @Override
    public void rated() {
        needs.needRating();
    }
}
